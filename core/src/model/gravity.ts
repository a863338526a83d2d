/** Standard acceleration of free fall, m/s². */
export const standardGravity = 9.80665
