/** What a kitchen is taken to have in the house until its cook says otherwise: nobody goes shopping for them. House estimate. */
export const ALWAYS_AT_HOME: string[] = ['salt', 'black-pepper'];
