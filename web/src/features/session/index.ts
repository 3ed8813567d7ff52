export { default as SignInAgain } from './SignInAgain.svelte'
export { default as SignInPage } from './SignInPage.svelte'
export { type Role, roleWords } from './roles'
export { session } from './session.svelte'
