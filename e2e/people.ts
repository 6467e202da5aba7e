import { expect, test as base, type BrowserContext } from '@playwright/test'

const PASSWORD = 'blotting paper'

/** Signs a browser in as one of the demo's made-up people. */
export async function signIn(context: BrowserContext, login: string): Promise<void> {
  const answer = await context.request.post('/api/sign-in', { data: { login: `${login}@sallowfield.example`, password: PASSWORD } })
  expect(answer.status()).toBe(204)
}

/** Journeys of somebody who is signed in: Odile, unless another is named. */
export const test = base.extend<{ login: string }>({
  login: ['odile', { option: true }],
  context: async ({ context, login }, use) => {
    if (login !== '') await signIn(context, login)
    await use(context)
  },
})
export { expect }
