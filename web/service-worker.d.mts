export function writeServiceWorker(folder: string): Promise<{ readonly count: number; readonly size: number }>
