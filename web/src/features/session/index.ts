export { session } from './session.svelte'
export { roleWords, type Role } from './roles'
export { default as SignInPage } from './SignInPage.svelte'
export { default as SignInAgain } from './SignInAgain.svelte'
