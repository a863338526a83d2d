/** Who changes the register of which site. */
export interface Registrar {
  siteId: string
  accountId: string | null
}
