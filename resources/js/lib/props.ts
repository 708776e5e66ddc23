// What the server sends. Made from the pages in app/ by `php artisan props:types`: change it there.
// Lengths are whole units of 1/8 micrometre unless a text says otherwise.

export interface AboutKit {
    name: string
    unit: 'in' | 'mm'
    front_width: string
    front_height: string
    promised: string
    price: string
    currency: string
    bought_on: string
    theme: string
    instructions: string
}

export interface AboutPage {
    about: AboutKit
    fronts: SidesByUnit
    isPutAway: boolean
    paper: string
    papers: Choice[]
}

export interface AddPage {
    lines: string[]
    pasted: string
    atMost: CardsAtMost | null
}

export interface ArrangePage {
    cards: ArrangedCard[]
    inHand: CardInArrangement | null
    used: number
    all: number
    isAlike: boolean
    many: string
    wishes: Choice[]
    muted: string[]
    goods: Goods
}

export interface ArrangedCard {
    id: number
    number: number
    name: string
    says: string
    front: Front
}

export interface ArrangedPiece {
    id: string
    part: string
    name: string
    of: string
    left: string
    below: string
    lies: string
    box: Box
    isUsed: boolean
    mayTuck: boolean
    isLifted: boolean
}

export interface ArrangementDrawing {
    front: ChosenFront
    faults: Record<string, string>
    drawn: DrawnArrangement | null
}

export interface ArrangementEditPage {
    id: number | null
    written: WrittenArrangement
    drawing: ArrangementDrawing
    pieces: Choice[]
    kinds: SpotRule[]
    places: string[]
    families: string[]
    clusters: string[]
}

export interface ArrangementFamily {
    name: string
    shelf: DrawnArrangement[]
}

export interface ArrangementsPage {
    front: ChosenFront
    count: number
    families: ArrangementFamily[]
    chosen: DrawnArrangement
    lines: SpotLine[]
    own: number | null
}

export interface AskedFor {
    effects: Effects
    words: string
    often: Choice[]
    cards: number
    stash: boolean
    hasStash: boolean
}

export interface Bag {
    card: number
    number: number
    all: number
    cut: {
        id: number
        part: string
        size: string
    }[]
}

export interface BalanceBar {
    what: string
    cards: number | null
}

export interface BaseLine {
    sheet: string
    fold: string
    blank: string
    score: string
    count: number
    cuts: string[]
}

export interface BetterCut {
    search: {
        done: number
        all: number
    } | null
    said: string | null
}

export interface BlankPart {
    id: string
    name: string
    label: string
    width: number
    height: number
    from: string
    note: string
    scores: {
        at: number
        label: string
    }[]
    isScoredAcross: boolean
}

export interface BonusCard {
    number: number
    front: Front
    uses: string[]
    scrap: string | null
}

export interface BonusFound {
    isLooking: boolean
    soFar: number
    order: string
    cards: BonusCard[]
    stop: BonusStop | null
}

export interface BonusStop {
    wants: string
    outlook: string
    bound: string
}

export interface Box {
    x: number
    y: number
    width: number
    height: number
}

export interface CardBuild {
    blank: BlankPart
    parts: BlankPart[]
    steps: string[]
    open: string
}

export interface CardChange {
    number: number
    kind: 'new' | 'gone' | 'changed' | 'stays'
    says: string
}

export interface CardCut {
    part: string
    size: string
    from: string
    isCut: boolean
    score: string | null
}

export interface CardDesign {
    sketch: string
    sketches: Choice[]
    isChanged: boolean
    isLying: boolean
    frame: string | null
    fold: string
    folds: Choice[]
    occasion: string
    occasions: Choice[]
    copies: number
    set: number[]
    isKitDesign: boolean
    isForAMan: boolean
    notes: string
}

export interface CardInArrangement {
    id: number
    number: number
    name: string
    isChanged: boolean
    stands: string
    pieces: ArrangedPiece[]
    more: Choice[]
    others: OtherArrangement[]
    next: string | null
    findings: Finding[]
}

export interface CardPage {
    id: number
    stands: string
    front: Front
    size: string
    thickness: string
    envelope: string | null
    design: CardDesign
    parts: SketchedPart[]
    guides: GuideLine[]
    folded: FoldedPart[]
    stuck: StuckPart[]
    cuts: CardCut[]
    stack: StackLayer[]
    pieces: StackPiece[]
    build: CardBuild
    palette: string[]
    inside: string
    findings: Finding[]
    muted: string[]
    goods: Goods
    cards: NumberedCard[]
    shorts: ShortPart[]
}

export interface CardPart {
    key: string
    label: string
}

export interface CardStep {
    step: string
    says: string
    tool: string
    time: string
    isDone: boolean
}

export interface CardToGive {
    id: number
    kit: string
    number: number
    front: Front
    url: string
    why: string
    stands: string
    post: string
}

export interface CardToKeep {
    id: number
    number: number
    sketch: string
    occasion: string
}

export interface CardsAtMost {
    cards: number
    says: string
    guesses: number
    isSharedOut: boolean
}

export interface CardsMadePage {
    find: string
    cards: MadeCard[]
    found: number
    all: number
    page: number
    pages: number
    inHand: InHand[]
    goods: Goods
    shelf: UndoRedo
}

export interface CheckPage {
    groups: {
        title: string
        lines: LineToCheck[]
    }[]
    guesses: number
    goods: Goods
    atMost: CardsAtMost | null
}

export interface Choice {
    key: string
    label: string
}

export interface ChosenDay {
    id: number
    title: string
    likes: string
    meant: CardToGive | null
    cards: CardToGive[]
}

export interface ChosenFront {
    key: string
    isLying: boolean
    width: string
    height: string
    fault: string | null
    label: string
    choices: Choice[]
}

export interface ChosenScrap {
    scrap: TrayScrap
    name: string
    other: string | null
    options: TrayOption[]
}

export interface ChosenSketch {
    drawn: DrawnSketch
    lines: SketchLine[]
    inside: string | null
}

export interface ClassBag {
    number: number
    packed: number
    lost: number
}

export interface ClassCard {
    number: number
    says: string
}

export interface ClassKind {
    key: string
    label: string
    time: string
    isAhead: boolean
}

export interface ClassLine {
    component: string
    name: string
    needs: string
    spares: string
    here: string
    add: string | null
}

export interface ClassLookPage {
    id: number
    name: string
    about: string
    cards: number
    people: number
    mostPeople: number
    spareIn: number
    begins: string
    kinds: ClassKind[]
    settings: ClassSetting[]
    groups: {
        title: string
        lines: ClassLine[]
    }[]
    before: {
        label: string
        time: string
    }[]
    beforeTime: string
    clock: ClassMoment[]
    ends: string
}

export interface ClassMoment {
    at: string
    card: number
    says: string
    tool: string
}

export interface ClassPackPage {
    id: number
    name: string
    people: number
    bag: number
    all: number
    bags: ClassBag[]
    lines: PackLine[]
}

export interface ClassPage {
    classes: PreparedClass[]
    cards: ClassCard[]
    recipes: Choice[]
    recipe: string
    mostPeople: number
}

export interface ClassSetting {
    at: string
    cuts: number
}

export interface ColourPlace {
    at: string
    says: string
    hex: string
}

export interface ComingDay {
    id: number
    who: string
    occasion: string
    on: string
    days: number
    send: string
    isLate: boolean
    card: string | null
    isGiven: boolean
}

export interface ComparePage {
    goods: Goods
    solutions: Compared[]
}

export interface Compared {
    id: number | null
    name: string
    solution: SharedOut
}

export interface ComparedFigure {
    name: string
    value: string
    money: Money | null
}

export interface CountLine {
    id: number
    good: string
    listed: number
    here: number
    onCards: string
    differs: boolean
    said: string
    hereSaid: string
    isCounted: boolean
    fewer: number
    why: string
    note: string
    isByLength: boolean
    isCountable: boolean
    figure: string
    hereFigure: string
}

export interface CountPage {
    lines: CountLine[]
    goods: Goods
    report: string
    others: OtherKit[]
}

export interface CutBound {
    opened: number
    least: number
}

export interface CutLater {
    number: number
    turn: boolean
    at: string
    unit: 'in' | 'mm'
}

export interface CutLine {
    x1: number
    y1: number
    x2: number
    y2: number
}

export interface CutOfSheet {
    number: number
    turn: boolean
    at: string
    unit: 'in' | 'mm'
    inHand: string
    from: string
    frees: string[]
    line: CutLine
}

export interface CutOut {
    d: string
    photo: string | null
}

export interface CutPage {
    sheets: SheetEntry[]
    sheet: SheetInHand | null
    bags: Bag[]
    goods: Goods
    bound: CutBound
    hasCards: boolean
    card: number | null
    proposal: CutProposal | null
    better: BetterCut
    shorts: ShortPart[]
}

export interface CutProposal {
    says: string[]
    path: string
    data: Record<string, string>
}

export interface DayToMean {
    id: string
    label: string
    card: number | null
}

export interface DrawnArrangement {
    key: string
    name: string
    family: string
    front: Extent
    panel: string
    pieces: PlacedOutline[]
    dots: TrimmingDot[]
    fault: string | null
}

export interface DrawnCut {
    number: number
    line: {
        x1: number
        y1: number
        x2: number
        y2: number
    }
}

export type DrawnMark = SurfaceMark | ThingMark | WordsMark | PathMark

export interface DrawnPart {
    x: number
    y: number
    width: number
    height: number
    label: string
    measure: string
    isKept: boolean
}

export interface DrawnSheet {
    component: string
    size: {
        width: number
        height: number
    }
    parts: DrawnPart[]
    cuts: DrawnCut[]
    blemishes: {
        x: number
        y: number
        width: number
        height: number
    }[]
}

export interface DrawnSketch {
    key: string
    name: string
    minutes: number
    front: Extent
    fault: string | null
    parts: RolePath[]
    places: RolePath[]
}

export interface DryingStep {
    card: number
    says: string
    until: string
    seconds: number
}

export interface Effects {
    many: string
    least: string
    words: string
    paper: string
    folds: string
    fronts: string
    uses: string
}

export interface Extent {
    width: number
    height: number
}

export interface Face {
    name: string
    motif: string
    colours: string[]
    busy: boolean
    directional: boolean
    foil: boolean
    photo: string | null
}

export interface FaceOnPhoto {
    n: number
    picture: string
    photograph: string
    corners: Place[]
    isFound: boolean
    side: string
    said: string
    colours: string[]
    busy: boolean
    up: boolean
}

export interface FileLink {
    at: 'about' | 'share-out' | 'bags' | 'runs' | 'shopping' | 'cards' | 'card' | 'sheet' | 'recipe' | 'class'
    path: string
    label: string
    isShown: boolean
}

export interface Finding {
    check: string
    says: string
    repair: string
    isHint: boolean
    why: string | null
    repairs: RepairChoice[]
}

export interface FoldedPart {
    id: string
    name: string
    filling: string
    good: string | null
    isCut: boolean
    size: string
    from: string
    note: string
}

export interface FoldsPage {
    folds: Choice[]
    chosen: Choice
    front: ChosenFront
    fault: string | null
    parts: BlankPart[]
    steps: string[]
    open: string
    envelope: string
    sheets: SheetYield[]
}

export interface FoundFrontier {
    isLooking: boolean
    choices: Varied[]
}

export interface FoundReady {
    id: number
    name: string
    from: string
    left: number | null
    component: string
    page: string
}

export interface FoundScrap {
    id: number
    component: string
    face: number
    width: number
    height: number
    measure: string
    says: string
    from: string
    fits: string[]
}

export interface FromStash {
    id: string
    name: string
    said: string
    pack: string
    price: string
    cost: Money | null
}

export interface Front {
    number: number
    occasion: string
    sketch: string
    size: Extent
    base: string
    marks: DrawnMark[]
    lacks: string[]
}

export interface GaveLine {
    id: number
    url: string
    name: string
    month: string
    promised: number
    cards: number
    made: number
    bonus: number
    each: Money | null
    minor: number
    minutes: number | null
    papers: number
}

export interface GavePage {
    kits: GaveLine[]
    months: MonthOfCards[]
    shelf: UndoRedo
}

export interface GonePage {
    title: string
    says: string
    way: string
    label: string
    shelf: UndoRedo
}

export interface Good {
    id: string
    name: string
    kind: string
    size: Extent | null
    faces: Face[]
    finish: string | null
    shape: string | null
    cutout: CutOut | null
    letter: number
    colours: string[]
    words: string | null
}

export type Goods = Record<string, Good>

export interface GridCard {
    id: number
    isBonus: boolean
    stands: string
    isPinned: boolean
    isShort: boolean
    findings: number
    paper: string | null
    front: Front
}

export interface GridLine {
    id: string
    isStash: boolean
    have: string
    cells: Record<number, GridTaking[]>
    keep: string
    use: string
    short: string | null
    shorts: ShortPart[]
    balance: string
}

export interface GridTaking {
    part: string
    amount: string
    said: string
    quantity: number
    size: Extent | null
    face: number
    isCut: boolean
    isPinned: boolean
    isShort: boolean
}

export interface GuideLine {
    id: string
    name: string
    measures: MeasureValue[]
}

export interface InHand {
    label: string
    cards: number
}

export interface KeepPage {
    hasCards: boolean
    tray: TrayBox[]
    confetti: number
    chosen: ChosenScrap | null
    turned: TurnedTray | null
    counts: LeftCount[]
    spares: SpareLine[]
    middles: MiddleLine[]
    balance: BalanceBar[]
    goods: Goods
    bonus: BonusFound | null
    orders: Record<string, string>
}

export interface KeepScrapsPage {
    find: string
    fault: string | null
    found: FoundScrap[] | null
    more: number
    things: FoundReady[]
    unknown: string[]
    box: ScrapBundle[]
    parts: CardPart[]
    part: string
    others: KitOfScraps[]
    months: ScrapMonth[]
    area: string
    goods: Goods
}

export interface KeepShoppingPage {
    hasCards: boolean
    isLooking: boolean
    bonus: number
    currency: string | null
    lists: ShopList[]
}

export interface KeptCopy {
    name: string
    at: string
    says: string
    size: string
}

export interface KeptPalette {
    id: number
    name: string
    surfaces: string[]
}

export interface KitFrame {
    id: number
    url: string
    name: string
    isStash: boolean
    about: string
    unit: 'in' | 'mm'
    revision: number
    stages: StageInFrame[]
    acts: UndoRedo
    files: FileLink[]
}

export interface KitOfPapers {
    id: number
    name: string
    isChosen: boolean
}

export interface KitOfScraps {
    id: number
    name: string
    scraps: number
}

export interface KitOnShelf {
    id: number
    revision: number
    url: string
    name: string
    isStash: boolean
    isPutAway: boolean
    front: string
    promised: number
    cards: number
    components: string
    price: Money | null
    papers: Good[]
}

export interface LadderLayer {
    inch: string
    metric: string
    wide: string
    width: number
    height: number
}

export interface Laid {
    id: number
    what: string
    at: string
    says: string
    isFault: boolean
}

export interface LaidFace {
    component: string
    face: number
}

export interface LaidFront {
    number: number
    front: Front
    notes: string[]
}

export interface LaidLetter {
    letter: string
    asks: string
    choices: LetterChoice[]
}

export interface LayerApart {
    name: string
    good: string
    size: string
    showing: string
    mark: DrawnMark
}

export interface LeastChoice {
    key: string
    label: string
    drawn: DrawnSketch
}

export interface LeftCount {
    id: string
    left: string
    isGone: boolean
}

export interface LetterChoice {
    paper: LetterPaper
    letters: string
    isTaken: boolean
}

export interface LetterPaper {
    component: string
    face: number
    name: string
    kit: string | null
}

export interface Limit {
    id: number
    name: string
    thickness: string
    isExample: boolean
}

export interface LineToCheck {
    id: number
    said: string
    name: string
    size: string
    count: string
    guesses: string[]
    good: string
    colours: ColourPlace[]
}

export interface LooksPage {
    good: Good
    component: number
    face: number
    motifs: string[]
    proposal: LooksProposal | null
}

export interface LooksProposal {
    token: string
    picture: string
    colours: {
        hex: string
        percent: number
    }[]
    busyness: number
    busy: boolean
}

export interface MadeCard {
    id: number
    url: string
    front: Front
    photo: string | null
    kit: string
    stars: number
    made: string
    given: string
}

export interface MakeCardPage {
    id: number
    number: number
    about: string
    size: Extent
    base: string
    layers: LayerApart[]
    steps: CardStep[]
    ready: string[]
    open: string
    cautions: string[]
    goods: Goods
}

export interface MakePage {
    made: number
    runs: MakingRun[]
    schools: SchoolCost[]
    drying: DryingStep[]
    cards: MakingCard[]
    goods: Goods
    minutes: string
    fault: string
    halts: MakingHalt[]
    marked: number
    paced: number
    chosen: number[]
    done: number
    steps: number
}

export interface MakeTablePage {
    step: StepInHand | null
    next: StepToCome[]
    drying: DryingStep[]
    goods: Goods
    made: number
    cards: number
    left: string
    last: string | null
    school: string
    only: number | null
    ways: string[] | null
    chosen: number[]
}

export interface MakingCard {
    id: number
    front: Front
    done: number
    all: number
    isMade: boolean
    isCut: boolean
    extra: number
}

export interface MakingHalt {
    how: string
    says: string
    complete: number[]
    left: string[]
}

export interface MakingNow {
    isUnderWay: boolean
    isFault: boolean
    done: number
    says: string
}

export interface MakingRun {
    label: string
    tool: string
    steps: number
    cards: number[]
    time: string
}

export interface MaterialsCard {
    number: number
    label: string
    isChosen: boolean
}

export interface MaterialsList {
    title: string
    under: {
        heading: string
        lines: string[]
    }[]
}

export interface MeasureValue {
    name: string
    value: string
    share: string | null
}

export interface MeasuresPage {
    typed: TypedMeasures
    layers: LadderLayer[]
    place: string | null
    bases: BaseLine[]
    faults: Record<string, string>
}

export interface MiddleLine {
    taking: number
    component: string
    says: string
    costs: string
    isThere: boolean
}

export interface MiddleOnFront {
    x: number
    y: number
    fromLeft: string
    fromBelow: string
}

export interface Money {
    amount: string
    currency: string
}

export interface MonthOfCards {
    month: string
    cards: number
    bonus: number
}

export interface NextCardPage {
    goods: Goods
    cards: number
    options: NextOption[]
    looking: {
        isUnderWay: boolean
        done: number
    }
}

export interface NextOption {
    front: Front
    fold: string | null
    leaves: number
    takes: string[]
    usesUp: string[]
}

export interface NumberedCard {
    id: number
    number: number
}

export interface OccasionsPage {
    occasions: SomeOccasion[]
    shelf: UndoRedo
}

export interface OtherArrangement {
    key: string
    name: string
    leavesOff: string
    isSound: boolean
    front: Front
}

export interface OtherKit {
    id: number
    name: string
}

export interface PackLine {
    id: string
    card: number
    part: string
    what: string
    amount: string
    done: string
    isPacked: boolean
    inBags: number
    from: string
    isLacking: boolean
}

export interface PackedLine {
    number: number
    name: string
    said: string | null
    faults: string[]
}

export interface PackingListPage {
    token: string
    name: string
    unit: 'in' | 'mm'
    front: Sides
    header: string[]
    example: string[]
    columns: Record<string, number>
    ours: string[]
    isMapped: boolean
    lines: PackedLine[]
}

export interface PairPage {
    goods: Goods
    components: string[]
    chosen: LaidFace | null
    partners: PaperPartner[]
    mat: LaidFace | null
    palettes: KeptPalette[]
}

export interface PaperFit {
    figure: number
    reasons: string[]
}

export interface PaperOnList {
    id: number
    name: string
}

export interface PaperPartner {
    component: string
    face: number
    fits: PaperFit[]
}

export interface PartOfSheet {
    x: number
    y: number
    width: number
    height: number
    label: string
    measure: string
    isKept: boolean
    face: number
}

export interface PathMark {
    kind: 'path'
    role: string
    d: string
    fill: string
    stroke: string
    line: number
    dash: string
}

export interface PeoplePage {
    months: number
    coming: ComingDay[]
    chosen: ChosenDay | null
    needs: string
    toMake: string
    stock: Stock[]
    people: SomePerson[]
    postDays: number
    limits: Limit[]
    kits: Choice[]
    occasions: Choice[]
    read: ReadDays | null
    goods: Goods
    shelf: UndoRedo
}

export interface PersonDay {
    id: number
    says: string
}

export interface PhotoPapersPage {
    id: number
    isKept: boolean
    reading: Reading
    orders: Choice[]
    pad: SeenPad | null
}

export interface PhotoPiecesPage {
    id: number
    isKept: boolean
    reading: Reading
    table: SeenTable | null
}

export interface PhotographsPage {
    laid: Laid[]
    orders: Choice[]
    front: string
    sheet: string
    mostMegabytes: number
}

export interface Place {
    x: number
    y: number
}

export interface PlaceOnFront {
    x: number
    y: number
    size: Extent
    left: number
    top: number
    fromLeft: string
    fromTop: string
    middle: MiddleOnFront | null
}

export interface PlacedOutline {
    id: string
    name: string
    d: string
    role: string
}

export interface PreparedClass {
    id: number
    name: string
    says: string
    packed: number
    people: number
}

export interface ProposedCards {
    id: number
    changes: CardChange[]
    shortfalls: string[]
    now: SharedOut
    then: SharedOut
}

export interface ReadDays {
    token: string
    name: string
    days: string[]
    people: number
    newDays: number
    known: number
    left: string[]
}

export interface Reading {
    isUnderWay: boolean
    isFault: boolean
    done: number
    says: string
}

export interface RecipeAsked {
    sheets: string
    sheet: string
    front: string
    cards: string
    alike: string
    papers: string
    seconds: string
}

export interface RecipeLayPage {
    key: string
    name: string
    isLooking: boolean
    all: number
    letters: LaidLetter[]
    cards: LaidFront[]
    falls: string[]
    lacks: string[]
    chosen: string
    how: string
    stash: boolean
    hasStash: boolean
    kits: KitOfPapers[]
    goods: Goods
}

export interface RecipeMade {
    name: string
    about: string
    says: string
    fronts: Front[]
}

export interface RecipeMakePage {
    asked: RecipeAsked
    making: MakingNow | null
    made: RecipeMade | null
    goods: Goods
    mostSeconds: number
}

export interface RecipePage {
    key: string
    name: string
    about: string
    isOwn: boolean
    templates: RecipeTemplate[]
    fronts: Front[]
    wants: RecipeWant[]
    goods: Goods
}

export interface RecipeTemplate {
    name: string
    says: string
    picture: string
    cuts: TemplateCut[]
    pieces: TemplatePiece[]
}

export interface RecipeWant {
    what: string
    many: string
    cards: string
}

export interface RecipesPage {
    recipes: ShelvedRecipe[]
    broken: {
        key: string
        name: string
        why: string
    }[]
    cards: CardToKeep[]
    goods: Goods
    usual: string
}

export interface RememberedCard {
    id: number
    number: number
    front: Front
    stands: string
    photo: string | null
    stars: number
    minutes: string
    marked: string
    wentWrong: string
    notes: string
    givenTo: string
    givenOn: string
    meantDay: string
    post: string
}

export interface RepairChoice {
    says: string
    does: string
    with: Record<string, string | number>
}

export interface RolePath {
    d: string
    role: string
}

export interface RuleKind {
    key: string
    label: string
    measures: string[]
    options: Record<string, string[] | null>
}

export interface SafePage {
    holds: string
    work: WorkUnderWay | null
    copies: KeptCopy[]
    folder: string | null
    fault: string | null
    shelf: UndoRedo
}

export interface ScaledSketch {
    label: string
    drawn: DrawnSketch
}

export interface SchoolCost {
    school: string
    says: string
    setUps: number
    time: string
    spent: string
    least: string
    isChosen: boolean
}

export interface ScrapBundle {
    says: string
    from: string
    component: string
    width: number
    height: number
    count: number
}

export interface ScrapMonth {
    month: string
    in: number
    used: number
    thrown: number
}

export interface ScrapPart {
    x: number
    y: number
    width: number
    height: number
    label: string
    measure: string
    isLeft: boolean
}

export interface ScrapPlan {
    parts: ScrapPart[]
    cuts: CutLine[]
    settings: string[]
}

export interface SeenPad {
    size: string
    order: string
    count: number
    papers: SeenPaper[]
    dropped: number
    onList: PaperOnList[]
}

export interface SeenPaper {
    number: number
    faces: FaceOnPhoto[]
}

export interface SeenPiece {
    number: number
    called: string
    d: string
    at: Place
    neck: Place[]
    form: string
    size: string
    off: string
    colours: string[]
    doubts: string[]
    isDropped: boolean
    isReference: boolean
    hasWindows: boolean
    alike: number[]
    isTwin: boolean
    said: string
    count: number
    understood: string
    fault: string | null
}

export interface SeenReference {
    by: string
    lengths: string
    says: string
    piece: number | null
    handles: Place[]
    fault: string | null
    others: number[]
    leans: boolean
    isSmall: boolean
}

export interface SeenTable {
    picture: string
    width: number
    height: number
    reference: SeenReference
    pieces: SeenPiece[]
    kept: number
}

export interface SetAside {
    id: number
    name: string
}

export interface ShareOutPage {
    cards: GridCard[]
    groups: {
        title: string
        lines: GridLine[]
    }[]
    goods: Goods
    outlook: ShareOutlook
    wishes: AskedFor
    solve: SolveUnderWay | null
    frontier: FoundFrontier
    taste: Taste
    gaps: string[]
    asides: SetAside[]
    proposal: ProposedCards | null
}

export interface ShareOutlook {
    cards: number
    promised: number
    bonus: number | null
    wants: string | null
    isLooking: boolean
}

export interface SharedOut {
    fronts: Front[]
    figures: ComparedFigure[]
}

export interface SheetEntry {
    id: number
    component: string
    name: string
    which: string
    isCut: boolean
    isBegun: boolean
}

export interface SheetInHand {
    id: number
    component: string
    name: string
    which: string
    isCut: boolean
    size: Extent
    measure: string
    parts: PartOfSheet[]
    cuts: CutOfSheet[]
    later: CutLater[]
    all: number
    left: number
    settings: number
    isPart: boolean
    blemishes: Box[]
    afterwards: string[]
}

export interface SheetYield {
    sheet: string
    count: number
    cuts: string[]
}

export interface ShelfPage {
    kits: KitOnShelf[]
    shelf: UndoRedo
    fronts: SidesByUnit
    areSamples: boolean
}

export interface ShelvedRecipe {
    key: string
    name: string
    about: string
    isOwn: boolean
    fronts: Front[]
}

export interface ShopLine {
    component: string | null
    says: string
    lacks: string
    or: string | null
    price: string
    cost: Money | null
}

export interface ShopList {
    key: string
    title: string
    lines: ShopLine[]
    sum: Money | null
    unpriced: number
}

export interface ShortPart {
    card: number
    part: string
    says: string
    ways: {
        kind: string
        says: string
    }[]
}

export interface Sides {
    width: string
    height: string
}

export interface SidesByUnit {
    in: Sides
    mm: Sides
}

export interface SketchDrawing {
    front: ChosenFront
    faults: Record<string, string>
    drawn: DrawnSketch | null
    lines: SketchLine[]
}

export interface SketchEditPage {
    id: number | null
    written: WrittenSketch
    drawing: SketchDrawing
    roles: Choice[]
    clusters: string[]
    relations: RuleKind[]
    forms: RuleKind[]
}

export interface SketchLine {
    name: string
    from: string
    wants: string
    turns: boolean
    form: string | null
    size: string
    reveals: string
    shown: number
    height: string | null
    spare: string | null
}

export interface SketchedPart {
    id: string
    name: string
    filling: string
    good: string | null
    isCut: boolean
    size: string
    options: Choice[]
    measures: MeasureValue[]
    shown: number
    spare: string | null
    treated: TreatedWith[]
    treatments: Choice[]
}

export interface SketchesPage {
    front: ChosenFront
    isCovered: boolean
    shelf: DrawnSketch[]
    chosen: ChosenSketch
    scales: ScaledSketch[]
    off: string[]
    own: number | null
}

export interface SolveUnderWay {
    isUnderWay: boolean
    state: string
    done: number
    wanted: number
    isMost: boolean
    message: string | null
    shortfalls: string[]
}

export interface SomeOccasion {
    key: string
    name: string
    share: number
    percent: number
    usual: boolean
    isShipped: boolean
}

export interface SomePerson {
    id: number
    name: string
    likes: string
    postDays: string
    days: PersonDay[]
    has: string
}

export interface SpareLine {
    id: string
    gives: string
    name: string
    count: number
    how: string
    each: number
    size: string
    costs: string
}

export interface SpotLine {
    name: string
    says: string
}

export interface SpotRule {
    key: string
    label: string
    measures: string[]
    options: Record<string, string[]>
}

export interface StackLayer {
    name: string
    component: string
    face: number
    good: string
    left: number
    width: number
    foam: number
    height: string
    reveal: string
}

export interface StackPiece {
    id: string
    name: string
    good: string
    left: number
    width: number
    isLifted: boolean
    isShimmed: boolean
    lies: string
}

export interface StageInFrame {
    key: string
    label: string
    figure: string | null
    money: Money | null
    url: string
    roots: string[]
    pages: {
        path: string
        label: string
    }[]
}

export interface StepInHand {
    card: number
    id: number
    step: string
    label: string
    says: string
    tool: string
    surface: string
    isSetUp: boolean
    time: string
    wait: string
    cautions: string[]
    front: Front
    at: PlaceOnFront | null
    run: string
    wet: number
    isCut: boolean
    spoils: number | null
}

export interface StepToCome {
    card: number
    says: string
}

export interface Stock {
    label: string
    inHand: number
    needed: number
    isLow: boolean
}

export interface StuckPart {
    id: string
    name: string
    filling: string
    good: string | null
    isCut: boolean
    amount: string
    quantity: number | null
    options: Choice[]
}

export interface SurfaceMark {
    kind: 'surface'
    role: string
    d: string
    component: string
    face: number
    x: number
    y: number
}

export interface TabletPage {
    address: string | null
    code: string | null
    patience: number
    guests: number
    closed: number
    shelf: UndoRedo
}

export interface TallyCardsPage {
    cards: RememberedCard[]
    days: DayToMean[]
    people: string[]
    goods: Goods
}

export interface TallyLine {
    id: string
    percent: number
    said: string
}

export interface TallyMaterialsPage {
    cards: MaterialsCard[]
    both: boolean
    paper: string
    lists: MaterialsList[]
    text: string
}

export interface TallyPage {
    cards: number
    made: number
    promised: number
    bonus: number
    minutes: number | null
    price: Money | null
    each: Money | null
    eachPromised: Money | null
    occasions: {
        label: string
        cards: number
    }[]
    groups: {
        title: string
        lines: TallyLine[]
    }[]
    stash: FromStash[]
    stashCost: Money | null
    currency: string | null
    ranOut: string
    even: string
    envelopes: string[]
    goods: Goods
}

export interface Taste {
    frame: string
    set: number
    insides: boolean
    pieces: string
    envelopes: boolean
    wordless: boolean
    least: string
    leasts: LeastChoice[]
    follows: boolean
    designs: string[]
    trimmer: string
    savesOne: boolean
    uses: string[]
    stashCards: string
    wanted: WantedMany[]
    folds: WantedMany[]
    daysNeed: string
}

export interface TemplateCut {
    number: number
    at: string
    from: string
    turn: boolean
    inHand: string
    line: CutLine
}

export interface TemplatePiece {
    card: number
    part: string
    size: string
    stands: boolean
    x: number
    y: number
    width: number
    height: number
}

export interface ThingMark {
    kind: 'thing'
    role: string
    component: string
    x: number
    y: number
    width: number
    height: number
    turn: number
    up: number
    clip: string
}

export interface TrayBox {
    grade: string
    label: string
    scraps: TrayScrap[]
}

export interface TrayOption {
    key: string
    says: string
    how: string
    serves: string
    left: number
    plan: ScrapPlan
}

export interface TrayScrap {
    id: string
    component: string
    width: number
    height: number
    measure: string
    part: string | null
    isThere: boolean
    from: string
}

export interface TreatedWith {
    treatment: string
    says: string
}

export interface TrimmingDot {
    x: number
    y: number
    half: number
}

export interface TurnedScrap {
    scrap: TrayScrap
    says: string
    plan: ScrapPlan
}

export interface TurnedTray {
    isLooking: boolean
    soFar: number
    says: string
    left: number
    scraps: TurnedScrap[]
}

export interface TypedMeasures {
    width: string
    height: string
    reveals: string
    pieceWidth: string
    pieceHeight: string
    layer: string
    layerWidth: string
}

export interface UndoRedo {
    undo: string | null
    redo: string | null
}

export interface UnpackPage {
    groups: {
        title: string
        lines: UnpackedLine[]
    }[]
    counted: number
    goods: Goods
}

export interface UnpackedLine {
    id: string
    size: string | null
    listed: string
    here: string
    differs: boolean
    occasions: string[]
}

export interface Varied {
    says: string
    proof: string
    alike: number | null
    least: string
}

export interface WantedMany {
    key: string
    label: string
    many: number
    isUsual: boolean
}

export interface WordsMark {
    kind: 'words'
    role: string
    text: string
    x: number
    y: number
    letter: number
    fill: string
}

export interface WorkUnderWay {
    isUnderWay: boolean
    isFault: boolean
    isSaving: boolean
    done: number
    of: number
    says: string
    file: string | null
}

export interface WritingPage {
    html: string
}

export interface WrittenArrangement {
    key: string
    name: string
    family: string
    cluster: string
    spots: WrittenSpot[]
}

export interface WrittenForm {
    kind: string
    options: Record<string, string>
    measures: Record<string, string>
}

export interface WrittenPart {
    id: string
    name: string
    role: string
    foam: number
    relation: WrittenRelation
    form: WrittenForm
}

export interface WrittenRelation {
    kind: string
    of: string
    options: Record<string, string>
    measures: Record<string, string>
}

export interface WrittenSketch {
    key: string
    name: string
    minutes: number
    cluster: string
    focus: string
    parts: WrittenPart[]
    focal: WrittenRelation
    sentiment: WrittenRelation
}

export interface WrittenSpot {
    id: string
    stands: string
    kind: string
    of: string
    measures: Record<string, string>
    options: Record<string, string>
    turn: number
    lifted: boolean
    key: boolean
    right: string
    down: string
}
