/** Where a board, and others with it, is laid on another grid. */
export const regridAt = (vocabulary: number, board: string) => `/vocabularies/${vocabulary}/regrid?board=${encodeURIComponent(board)}`;
