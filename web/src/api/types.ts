import type { components } from './schema.gen';

/** Short names for the types made from the server's description of itself. */
type Schemas = components['schemas'];
export type Account = Schemas['Account'];
export type SessionView = Schemas['SessionView'];
export type Student = Schemas['Student'];
export type CaseloadRow = Schemas['CaseloadRow'];
export type StarterView = Schemas['StarterView'];
export type VocabularyView = Schemas['VocabularyView'];
export type BoardLine = Schemas['BoardLine'];
export type Board = Schemas['Board'];
export type Button = Schemas['Button'];
export type Cell = Schemas['Cell'];
export type Edit = Schemas['Edit'];
export type Changed = Schemas['Changed'];
export type Finding = Schemas['Finding'];
export type Version = Schemas['Version'];
export type FoundPictures = Schemas['FoundPictures'];
export type Page = Schemas['Page'];
export type BroughtIn = Schemas['BroughtIn'];
export type Member = Schemas['Member'];
export type Kind = Button['kind'];
export type UsualScreen = Schemas['UsualScreen'];
export type Mark = Page['marks'][number];
