import type { components } from './schema.generated';

type Schemas = components['schemas'];

export type Block = Schemas['Block'];
export type Level = Schemas['Level'];
export type Message = Schemas['Message'];
/** Words of the program: whole as they stand, or with values in them. */
export type Words = Schemas['Words'];
export type Quantity = Schemas['Quantity'];
export type Figure = Schemas['Figure'];
export type Verdict = Schemas['Verdict'];
export type Ask = Schemas['Ask'];
export type Step = Schemas['Step'];
export type Ordinary = NonNullable<Schemas['Step']['ordinary']>;
export type StationReport = Schemas['StationReport'];
export type StationName = Schemas['Station'];
export type Status = Schemas['Status'];
export type JobReport = Schemas['JobReport'];
/** What changes at one station while typing. */
export type LiveReport = Schemas['LiveReport'];
export type JobSheet = Schemas['JobSheet'];
export type JobCard = Schemas['JobCard'];
export type Entry = Schemas['Entry'];
export type LentEntry = Schemas['LentEntry'];
export type Kept = Schemas['Kept'];
export type ShopSheet = Schemas['ShopSheet'];
export type PatternShown = Schemas['PatternShown'];
export type Person = Schemas['Person'];
export type MachineCard = Schemas['MachineCard'];
export type MachineLine = Schemas['MachineLine'];
export type MachineHistory = Schemas['MachineHistory'];
export type ToolCard = Schemas['ToolCard'];
export type Section = Schemas['Section'];
export type Piece = Schemas['Piece'];
export type Outline = Schemas['Outline'];
export type HubSheet = Schemas['HubSheet'];
export type HubPart = Schemas['HubPart'];
export type ToolLine = Schemas['ToolLine'];
export type TrayItem = Schemas['TrayItem'];
export type Tool = Schemas['Tool'];
export type DriverChoice = Schemas['DriverChoiceResult'];
export type SeatDriver = Schemas['SeatDriver'];
export type ToolToMake = Schemas['ToolToMake'];
export type SeatingTrend = Schemas['SeatingTrendResult'];
export type PressSetup = Schemas['PressSetup'];
export type PressTraceResult = Schemas['PressTraceResult'];
export type TraceSheet = Schemas['TraceSheet'];
export type TracesShown = Schemas['TracesShown'];
export type NextTool = Schemas['NextToolResult'];
export type ToolListSheet = Schemas['ToolListSheet'];
export type MachineListSheet = Schemas['MachineListSheet'];
export type PersonCard = Schemas['PersonCard'];
export type PeopleSheet = Schemas['PeopleSheet'];
export type CodeShown = Schemas['CodeShown'];
export type LogShown = Schemas['LogShown'];
export type HandsCard = Schemas['HandsCard'];
export type TabletCard = Schemas['TabletCard'];
export type RecordingSheet = Schemas['RecordingSheet'];
export type ListenResult = Schemas['ListenResult'];
export type SoundPicture = Schemas['SoundPicture'];
export type ErrandSheet = Schemas['ErrandSheet'];
export type PressingSheet = Schemas['PressingSheet'];
export type KeyCard = Schemas['KeyCard'];
export type KeysShown = Schemas['KeysShown'];
export type TokenCard = Schemas['TokenCard'];
export type TokenMade = Schemas['TokenMade'];
export type TimeCodeBegun = Schemas['TimeCodeBegun'];
export type RecoveryCodes = Schemas['RecoveryCodes'];
export type CalculatorCard = Schemas['CalculatorCard'];
export type CalculatorField = Schemas['CalculatorField'];
export type Problem = Schemas['Problem'];
export type FitBands = Schemas['FitBands'];
export type WallPatch = Schemas['WallPatch'];
export type BearingNumber = Schemas['BearingNumberResult'];
export type BearingFromCaliper = Schemas['BearingFromCaliperResult'];
export type PartFound = Schemas['PartFound'];
export type PressFit = Schemas['PressFitResult'];
export type Fit = Schemas['FitResult'];
export type Survey = Schemas['BoreSurveyResult'];
/** What the Finder was asked, as it was understood and answered. */
export type Asked = Schemas['Asked'];
/** What a calculator found; its name says what the result holds. */
export type Worked = Schemas['Worked'];
export type DefectOrders = Schemas['DefectOrdersResult'];
export type TaperSet = Schemas['TaperSetResult'];
export type Assembly = Schemas['AssemblyResult'];
export type Remedy = Schemas['Remedy'];
export type ShoppingSheet = Schemas['ShoppingSheet'];
export type BasketShown = Schemas['BasketShown'];
export type SupplierCard = Schemas['SupplierCard'];
export type PriceListSheet = Schemas['PriceListSheet'];
export type OrderSheet = Schemas['OrderSheet'];
export type ShelfCard = Schemas['ShelfCard'];
export type DueCard = Schemas['DueCard'];
export type AddendumCard = Schemas['AddendumCard'];
export type CalendarLink = Schemas['CalendarLink'];
export type BenchDaySheet = Schemas['BenchDaySheet'];
export type BenchBlock = Schemas['BenchBlock'];

/** What a person puts at a place: a small map, or null to withdraw what stands there. */
export type EntryValue = Record<string, unknown> | null;

/** One sample of a press: travel in mm, force in N. */
export type Pair = [number, number];
