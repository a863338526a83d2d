/** Raised whenever the same inputs may be judged otherwise: what was judged by an older one can be judged anew. */
export const coreVersion = 1
