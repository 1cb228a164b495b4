/** What the other rooms use of the core: lengths, the plan and its edits, the scene, the check and its report. */
export { formatLength, showLength, type ShownLength } from './length/formatLength';
export { lengthText, type Length } from './length/length';
export { parseLength, parseNumber, type ParsedLength } from './length/parseLength';
export { INCHES, MILLIMETRES, MM_PER_INCH, type Units, type UnitSystem } from './length/units';
export type { Convex } from './solid/convex';
export type { Solid } from './solid/halfSpace';
export { box, prism, type Point2, type Point3 } from './solid/prism';
export { place, type Joint, type Pose } from './motion/joint';
export { carried, chain, motionOf, motionPose, onlyShifts, type Motion } from './motion/motion';
export { ratio, STRAIGHT, table } from './motion/drive';
export { checkMover, type MoverCheck } from './clearance/checkMover';
export { SceneChecker, parked, type Progress, type SceneCheck } from './clearance/checkScene';
export { finish } from './clearance/steps';
export {
  TOUCH_DEPTH_MM,
  WATCH_DISTANCE_MM,
  type CheckOptions,
  type Counts,
  type Encounter,
} from './clearance/encounter';
export { type Verdict } from './item/verdict';
export { share, type CurvePoint } from './clearance/curve';
export { NearestProbe, type Nearest } from './clearance/nearestProbe';
export { type Approach } from './clearance/approach';
export { approachStill } from './clearance/approachStill';
export { MovingPiece } from './clearance/movingPiece';
export { blockedStretches, firstContact } from './clearance/firstContact';
export { leastClearance, type Witness } from './clearance/leastClearance';
export { coldStart } from './clearance/gjk';
export { emptySeparation } from './clearance/separation';
export { separate } from './clearance/separate';
export { FREE, BLOCKED, UNKNOWN } from './clearance/cellState';
export { CELLS, groundAt, pairMap, relationOf, type PairMap } from './clearance/pairMap';
export { PairMaps } from './clearance/pairMaps';
export { freeSpaceInCells, freeSpaceInMm, wayClearance, type WayClearance } from './clearance/freeSpace';
export { type FreeSpace } from './clearance/freeGround';
export { provenParted, wayThrough } from './clearance/wayThrough';
export type { Place } from './clearance/freeGround';
export { orderOfOpening, type Move, type Order, type Parkable } from './clearance/order';
export { readRuns, runsText } from './space/readRuns';
export { offsetCurve } from './measure/offsets';
export {
  offsetRows,
  offsetsLength,
  offsetWords,
  rowThatStandsOut,
  type OffsetThing,
} from './things/offsetWords';
export { readOffsets } from './things/readOffsets';
export {
  CHECK_ITEM,
  EMPTY_LOG,
  INSTRUMENT_KINDS,
  InstrumentSchema,
  isCheck,
  MOST_READINGS,
  READ_PLACES,
  ReadingLogSchema,
  ReadingSchema,
  type Instrument,
  type Reading,
  type ReadingLog,
} from './readings/schema';
export { checkDoubt, unitDoubt } from './readings/unitDoubt';
export { disagreementWords, instrumentWords } from './readings/instrumentWords';
export { summarise, type Corrected, type LogSummary, type Summary } from './readings/summary';
export { governing, type Governing, type GoverningRule, type Measured } from './measure/governing';
export { GOVERNING_RULES, type MeasuredDimension } from './measure/measured';
export { compareInstruments, corrected } from './measure/instruments';
export type { Comparison, ComparedLength, InstrumentFit } from './measure/instruments';
export {
  DEVICE_KINDS,
  DeviceEventSchema,
  type Device,
  type DeviceEvent,
  type DeviceReading,
  type DeviceState,
} from './readings/device';
export { PASSAGE_KINDS, newPassage, type Passage } from './wayin/schema';
export type { AirFinding } from './report/air';
export { missingReadings, type Missing } from './survey/missing';
export { dimensionsOf as measurable, type Dimension } from './survey/dimensions';
export { pairLines, passOf, type PairLine, type Pass } from './report/pass';
export type { PairWord } from './report/pairWords';
export {
  fullestOpening,
  openingOrder,
  openTravels,
  type Less,
  type Opening,
  type Travels,
} from './report/opening';
export { neverWords } from './report/openingWords';
export {
  isNamed,
  partsOf,
  partsOfMover,
  namedPartsOf,
  bodyOf,
  sameThing,
  type Body,
  type Mover,
  type MovingBody,
  type Scene,
  type Surface,
} from './scene/scene';
export { standingAt } from './scene/standing';
export { buildScene } from './plan/buildScene';
export {
  cornersOf,
  outlineOfPoints,
  outlineOfRuns,
  resized,
  runsOf,
  wallsOf,
  withOutline,
  type OutlineMade,
  type Run,
  type Wall,
} from './space/outline';
export { type Corner, type Slope, type Space } from './space/schema';
export { SIDES, type Side } from './item/schema';
export { THING_KINDS, type Offset, type Shape, type Thing } from './things/schema';
export { KIND_GROUPS } from './things/kinds';
export { EXISTING_KINDS, existingKind } from './existing/kinds';
export type { Existing } from './existing/schema';
export { baysOf, CARCASS_KINDS, type Bay, type Carcass } from './carcass/schema';
export { namedBays } from './carcass/bayFields';
export { dividerChanges, dividerGrips, type DividerGrip } from './plan/dividers';
export { MATERIAL_PRESETS } from './material/presets';
export { MATERIAL_KINDS, type Material, type Schools } from './material/schema';
export { SCHOOL_QUESTIONS } from './parts/kit/schools';
export { GENERIC_HARDWARE, newHardware } from './hardware/generic';
export {
  HARDWARE_NAMES,
  numbersOf,
  type Hardware,
  type HardwareKind,
  type HardwareNumber,
} from './hardware/schema';
export {
  DrawerItemSchema,
  hardwareRows,
  readHardwareRows,
  type DrawerItem,
  type HardwareRead,
} from './formats/hardwareCsv';
export { freshId } from './item/freeId';
export { pieceRows, workRows } from './make/piecesCsv';
export {
  hardwareNeeded,
  hardwareOfPart,
  partsList,
  piecesToCut,
  partsRows,
  type HardwareLine,
  type PiecesAlike,
} from './make/partsList';
export { carcassOf, planHardware, planStock, squareWalls } from './plan/place';
export { familyOf } from './parts/families';
export { clearOpeningsOf } from './plan/place';
export type { ClearOpening } from './parts/contract/clearOpening';
export { FAMILY_NAMES, type Part } from './parts/families';
export { QUICK_CARDS } from './parts/quickCards';
export { usualNumbers, type QuickAsk, type QuickCard, type QuickNumbers } from './parts/kit/quick';
export { quickPlan, usualPlan } from './plan/quickPlan';
export { Bench, type Offer, type Offers } from './cures/offers';
export { fixesOf, type Fix } from './cures/fixes';
export { offersOf } from './cures/answerWithOffer';
export { withChanges } from './plan/edit';
export type { Piece, Sizes } from './piece/piece';
export type { Sum, SumLine } from './sizing/sum';
export { PLAN_FORMAT, PLAN_VERSION, type Plan } from './plan/schema';
export { applyEdit, inverse } from './plan/edit';
export { EditSchema, type Change, type Edit } from './item/change';
export { fieldLabel, wordsFor, type Choice, type Field, type Picked } from './card/field';
export { fieldsOf } from './plan/fieldsOf';
export { itemsOf, pathOf, type Item } from './plan/items';
export { withoutArticle } from './item/called';
export { get, type PathStep } from './item/path';
export { extentChanges, extentOf, type Extent } from './plan/placing';
export { clipOf, groupChanges, mirrorChanges, shiftChanges, withGroupMates } from './plan/groups';
export type { Clip } from './plan/clip';
export { shifted } from './plan/groupPlaces';
export { pasteChanges } from './plan/paste';
export {
  freshName,
  newCarcass,
  newExisting,
  newPart,
  newOnLeaf,
  newOnWall,
  newPlan,
  newStanding,
  newThing,
} from './plan/fresh';
export { pathText, type Issue } from './item/issue';
export { readPlan, type PlanRead } from './plan/readPlan';
export { plainSentence } from './item/plainSentence';
export { LARGEST_LOG, LARGEST_PLAN, parseJson, readPlanFile, writePlanFile } from './formats/planFile';
export {
  readingRows,
  readReadingRows,
  READING_COLUMNS,
  type ReadingsRead,
  type RowIssue,
} from './formats/readingsCsv';
export { outlineOf, type Loop, type LoopRead, type Traced } from './formats/outlineLoops';
export { hullsOfMesh, type MeshHulls, type MeshRead } from './formats/meshHulls';
export { readClip, writeClip } from './formats/clip';
export { carcassIdOf, type Mount } from './parts/contract/mount';
export { hostOf } from './plan/hosts';
export { mountChoices } from './plan/mountChoices';
export { reportOf } from './report/report';
export { balancedIn, balanceReport, balancesOf, type Balanced, type BalanceReport } from './report/balance';
export { conditionsOf, whatIfs } from './report/weathers';
export { handNow } from './report/balanceWords';
export { handCurve, type HandCurve } from './report/handCurve';
export { strutAnswers, type StrutAnswer, type StrutAnswers, type StrutsAsked } from './report/strutAnswers';
export type { Stretch as StandStretch } from './balance/poise';
export { thingsIn } from './report/answer';
export type { Answer, AssumptionFinding, Finding, NoteFinding, PartReport, Report } from './report/records';
export { reportText } from './report/reportText';
export { shortfallText, travelText } from './report/words';
export { unlinkChanges } from './plan/linked';
export { sightOf } from './report/sight';
export { Look } from './sight/look';
export { UNDER_WAY } from './card/heldFields';
export { beforeYouMove, type MoveStep } from './report/beforeMove';
export { cautionsOf, isCaution } from './report/cautions';
export { forceText, NEWTONS_A_POUND, sayLengths } from './length/lengthMark';
export { CLIMATES, MOISTURE } from './material/season';
export { WEAKEST } from './material/strength';
export { PANES } from './material/strengths';
export { sumText } from './sizing/sum';
export { HAIR_WORDS } from './length/formatLength';
export { isSceneFile, readScene } from './scene/readScene';
export { sceneReport, sceneReportText, type SceneReport } from './report/sceneReport';
export { serve, type WorkerHost } from './workers/serve';
export { WorkPool, type Outcome, type WorkerPort } from './workers/pool';
export type { FromWorker, ResultOf, Task, ToWorker } from './workers/protocol';
export { leaningThing, plumbOf, type Plumb } from './survey/plumb';
export { SLIP } from './measure/networkDoubts';
export { anglesOf } from './measure/suspects';
export { trueShape, type TrueShape, type WrongLength } from './survey/trueShape';
export { itemIdOf } from './plan/itemIdOf';
export { capitalised, uncapitalised } from './item/capitals';
export { freeId } from './item/freeId';
