import { jobTitle } from '../../common/title.ts'

/** What a change of bearings is called on lists. */
export const bearingChangeTitle = (names: readonly string[]): string =>
  jobTitle(
    names,
    `Change the bearing${names.length > 1 ? 's' : ''}`,
    (many) => `Change the bearings of ${many} positions`,
  )
