/** Where it is seen what of a text can be said. `board`: where one comes from, and goes back to. */
export const passageAt = (vocabulary: number, board: string) => `/vocabularies/${vocabulary}/passage?board=${encodeURIComponent(board)}`;
