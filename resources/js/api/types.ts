import type { components } from './schema'

type Schemas = components['schemas']

export type Choices = Schemas['ChoicesJson']
export type Workings = Schemas['WorkingsJson']
export type Drawing = Schemas['DrawingJson']
export type ShelfEntry = Schemas['ShelfEntryJson']
export type Catalogue = Schemas['CatalogueJson']
export type CellState = Schemas['CellNoteJson']['state']
export type Readings = Schemas['ReadingsJson']
export type Lines = Schemas['LinesJson']
export type LineColour = Schemas['LineColourJson']
export type Crop = Schemas['CropJson']
export type Trouble = Schemas['Trouble']
