/** Height of the frontier's picture (px): its place is kept free while it loads. */
export const FRONTIER_HEIGHT = 176;
