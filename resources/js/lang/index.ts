import { createI18n } from 'vue-i18n'
import en from './en.json'
import { PSEUDO, pseudo } from './pseudo'

/**
 * What the screens say of themselves, from `en.json`: a room of the screens each, a sentence each, with
 * `{names}` for what stands in it and `one | many` where it counts. What the server finds it says itself (`lang/en`).
 */
const asked = document.documentElement.lang

export const i18n = createI18n({
  legacy: false,
  locale: asked === PSEUDO ? PSEUDO : 'en',
  messages: { en, ...(asked === PSEUDO ? { [PSEUDO]: pseudo(en) } : {}) } as Record<string, typeof en>,
})

/** The same `t` in a script as `$t` in a template. */
export const { t } = i18n.global

/** The label of a choice that is kept under its own plain name, such as `own offsets`. */
export const choice = (value: string) => t(`choice['${value}']`)

/** The labels of several choices, as the lists that offer them want them. */
export const labels = <T extends string>(...values: T[]) => Object.fromEntries(values.map((value) => [value, choice(value)])) as Record<T, string>
