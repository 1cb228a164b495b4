/** What joins two things that open together; the first where nobody said. */
export const JOINED_BY = ['a rod', 'a cable', 'a link'] as const;
