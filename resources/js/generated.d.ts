// Written by velbrin:types from the view classes. Do not edit.

export interface AlarmView {
    id: number;
    name: string;
    watches: string[];
    quantity: string | null;
    measures: string | null;
    lowLimit: number | null;
    highLimit: number | null;
    delayMin: number;
    onItsOwn: boolean;
    isLowest: boolean | null;
    testedOn: string | null;
    tested: boolean;
    standing: string;
    mark: string;
    calls: string[];
    callIds: number[];
    findings: FindingView[];
}

export interface TroubleView {
    id: number;
    name: string;
    systemId: number;
    system: string;
    site: string;
    words: string;
    at: string;
    raisedAt: string;
    clearedAt: string | null;
    answeredBy: string | null;
    answeredAt: string | null;
    silentUntil: string | null;
    heldUntil: string | null;
    next: string | null;
    nextAt: string | null;
    calls: ({ at: string; dropped: boolean; sent: boolean; who: string })[];
    joined: string[];
}

export interface ApiReading {
    id: number;
    systemId: number;
    parameter: string;
    takenAt: string;
    value: number;
    kind: string;
    givenValue: number;
    givenUnit: string;
    method: string;
    instrument: string | null;
    marked: boolean;
}

export interface ApiSystem {
    id: number;
    name: string;
    kind: string;
    regime: string;
    siteId: number;
    site: string;
    client: string;
    volumeL: number | null;
    startedOn: string | null;
    firstLeavesBandAt: string | null;
}

export interface ApiVisit {
    id: number;
    siteId: number;
    site: string;
    state: string;
    plannedOn: string | null;
    startsAt: string | null;
    openedAt: string | null;
    closedAt: string | null;
    minutes: number;
    actualMin: number | null;
    work: string[];
    crew: string | null;
    saltWaterL: number | null;
}

export interface ChamberView {
    name: string;
    lengthMm: number | null;
    baffleMm: number | null;
}

export interface ComparisonView {
    planName: string;
    planId: number;
    a: number;
    b: number;
    crumbs: CrumbView[];
    facts: DifferenceView[];
    tables: DifferenceView[];
    figures: DifferenceView[];
    gone: FindingView[];
    new: FindingView[];
}

export interface ConsentView {
    id: number;
    of: string;
    words: string;
    givenOn: string | null;
    conditions: string | null;
    document: string | null;
}

export interface DifferenceView {
    label: string;
    before: string;
    after: string;
}

export interface FactWords {

}

export interface JointView {
    row: number;
    name: string;
    looks: Record<string, boolean>;
    photos: ({ href: string; id: number })[];
}

export interface OptionsView {
    plans: ({ id: number; more: string | null; name: string; readyIn: string | null; roDays: string | null; total: string; unpriced: number; year: string; yearUnpriced: number })[];
    lines: ({ cells: (string | null)[]; label: string })[];
    against: FindingView[][];
}

export interface OrderView {
    id: number;
    what: string;
    supplier: string;
    stage: string;
    orderedOn: string;
    promisedOn: string;
    receivedOn: string | null;
    isWhole: boolean;
    place: string | null;
    note: string | null;
    isOut: boolean;
    isLate: boolean;
    usualDays: number | null;
}

export interface PlanDraftView {
    values: Record<string, number | string>;
    bases: Record<string, string>;
    tables: Record<string, (Record<string, boolean | number | string | null>)[]>;
    survey: Record<string, number | string>;
}

export interface PlanLineView {
    id: number;
    name: string;
    where: string;
    state: string;
    by: string;
    changedAt: string;
}

export interface PlanLiveView {
    answers: AnswersView;
    defaults: Record<string, number | string>;
    revision: number;
    conflict: boolean;
}

export interface QuoteView {
    lines: ({ each: string | null; key: string; label: string; note: string; price: string | null; quantity: string })[];
    waits: Record<string, string>;
    net: string;
    tax: string;
    total: string;
    totalMinor: number;
    unpriced: number;
    taxPct: string;
    roDays: string | null;
    stages: ({ hours: string; label: string; money: string; things: string })[];
}

export interface RiskView {
    id: number;
    unfinished: boolean;
    liable: string | null;
    declined: string;
    risk: string;
    reviewOn: string;
    isDue: boolean;
    signedBy: string;
    signedOn: string;
}

export interface SinceView {
    figures: ({ label: string; now: string; then: string })[];
    stops: FindingView[];
}

export interface StageFirmView {
    firm: string;
    scope: string;
    contact: string | null;
    liable: string | null;
}

export interface StageView {
    key: string;
    label: string;
    hours: number;
    persons: number;
    begins: number;
    workedBy: number;
    stands: number;
    earliestOn: string;
    proof: string;
    cautions: string[];
    waits: string;
    mayBeWaived: boolean;
    ways: string[];
    passedBy: string | null;
    passedOn: string | null;
    signedBy: string | null;
    words: string | null;
    document: string | null;
    tools: string[];
    firm: StageFirmView | null;
    sheets: Record<string, string>;
    holds: string[];
}

export interface StopView {
    finding: FindingView;
    byReason: boolean;
    answeredBy: string | null;
    answeredOn: string | null;
    reason: string | null;
    document: string | null;
}

export interface SupplierView {
    id: number;
    name: string;
    words: Record<string, string | null>;
    count: number;
    days: number | null;
    longestDays: number | null;
    late: number;
    notWhole: number;
    orders: ({ on: string; out: boolean; versionId: number; what: string })[];
}

export interface ThreeWaysView {
    field: string;
    label: string;
    base: string;
    plan: string;
    record: string;
    isConflict: boolean;
}

export interface VersionLineView {
    id: number;
    number: number;
    note: string | null;
    by: string;
    at: string;
    acceptedAt: string | null;
}

export interface VersionView {
    id: number;
    number: number;
    planId: number;
    planName: string;
    note: string | null;
    by: string;
    at: string;
    coreVersion: string;
    acceptedAt: string | null;
    acceptedBy: string | null;
    systemId: number | null;
    runs: string | null;
    crumbs: CrumbView[];
    answers: AnswersView;
    how: string;
    since: SinceView | null;
    stops: StopView[];
    against: string[];
    others: VersionLineView[];
    regimes: Record<string, string>;
    mayAccept: boolean;
    mayProve: boolean;
    mayWaive: boolean;
    quote: QuoteView | null;
    year: QuoteView | null;
    stages: StageView[];
    orders: OrderView[];
    consents: ConsentView[];
    consentsOf: Record<string, string>;
    late: FindingView[];
    wishes: FindingView[];
    mayOrder: boolean;
    risks: RiskView[];
    joints: JointView[];
    looks: Record<string, string>;
    people: Record<string, string>;
    specs: Record<string, TableSpecView>;
    tables: Record<string, (Record<string, boolean | number | string | null>)[]>;
}

export interface AttachmentView {
    id: number;
    kind: string;
    caption: string | null;
    about: string | null;
    name: string;
    kilobytes: number;
    by: string;
    on: string;
    href: string;
}

export interface BasisView {
    basis: string;
    by: string;
    at: string;
}

export interface ClientExportView {
    id: number;
    state: string;
    percent: number;
    kb: number | null;
    by: string;
    at: string;
}

export interface ClientView {
    id: number;
    name: string;
    note: string | null;
    sites: SiteLineView[];
    contacts: ContactView[];
    mayTakeOut: boolean;
}

export interface CodeView {
    id: number;
    label: string;
}

export interface ContactView {
    id: number;
    name: string;
    role: string | null;
    phone: string | null;
    email: string | null;
    language: string | null;
    holdsKey: boolean;
    canOperate: string | null;
    lastConfirmedOn: string | null;
    isStale: boolean;
    shown: string | null;
    shownOn: string | null;
    trainingOwed: string | null;
    siteId: number | null;
    stamp: string;
}

export interface EnquiryView {
    words: Record<string, string>;
    budgetMinor: number | null;
    wantedOn: string | null;
    settled: boolean;
    lines: ({ label: string; text: string })[];
}

export interface FactSpecView {
    key: string;
    group: string;
    label: string;
    kind: string | null;
    least: number;
    most: number;
    choices: Record<string, string>;
    hint: string;
    mayBeNone: boolean;
    when: string | null;
    in: string[];
}

export interface NamedView {
    id: number;
    name: string;
    about: string;
    href: string;
}

export interface PassageView {
    name: string;
    widthMm: number;
    heightMm: number;
    corridorAMm: number | null;
    corridorBMm: number | null;
    outWidthMm: number | null;
    outHeightMm: number | null;
    carDepthMm: number | null;
}

export interface PersonView {
    id: number;
    name: string;
    email: string;
    role: string;
    client: string | null;
    archived: boolean;
    ours: boolean;
    phone: string | null;
    homeLat: number | null;
    homeLon: number | null;
    skills: string;
    hasFactor: boolean;
    maySilence: boolean;
}

export interface PlaceView {
    id: number;
    name: string;
    sites: SiteLineView[];
}

export interface RemoteAccessView {
    id: number;
    what: string;
    holder: string;
    givenOn: string;
    hasLeft: boolean;
    mayAct: boolean;
}

export interface RoomView {
    id: number;
    name: string;
    facts: Record<string, number | string | null>;
    bases: Record<string, BasisView>;
    toSurvey: ToSurveyView[];
    stamp: string;
}

export interface RoundsFactsView {
    lat: number | null;
    lon: number | null;
    altitudeM: number | null;
    weHoldKey: boolean;
    makesWater: boolean;
    lookedAt: string[];
    minutesSold: number | null;
    away: ({ from: string; sitter: string; until: string })[];
}

export interface SiteLineView {
    id: number;
    name: string;
    town: string | null;
    systems: number;
    plans: number;
}

export interface SiteView {
    id: number;
    name: string;
    clientId: number;
    clientName: string;
    timezone: string;
    texts: Record<string, string | null>;
    accessHours: Record<string, string | null>;
    contacts: ContactView[];
    rooms: RoomView[];
    passages: PassageView[];
    codes: CodeView[];
    mayReveal: boolean;
    attachments: AttachmentView[];
    plans: NamedView[];
    systems: NamedView[];
    sheet: FactSpecView[];
    groups: Record<string, string>;
    missing: string[];
    rounds: RoundsFactsView;
    enquiry: EnquiryView;
    asks: Record<string, [string, string]>;
    aboutStamp: string;
    enquiryStamp: string;
    passagesStamp: string;
}

export interface ToSurveyView {
    key: string;
    label: string;
    dependsOn: string;
}

export interface ControlPlaceView {
    siteId: number;
    name: string;
    client: string;
    controllers: ControllerLineView[];
    words: PlugWordView[];
    strips: ({ id: number; name: string })[];
    mayWrite: boolean;
}

export interface ControllerLineView {
    id: number;
    name: string;
    outlets: number;
    running: number | null;
    runningSince: string | null;
    draft: number | null;
    worst: string | null;
    open: number;
}

export interface DayRowView {
    label: string;
    points: ({ level: number; minute: number })[];
    moments: number[];
}

export interface LabelView {
    id: number;
    plug: string;
    purpose: string;
    watts: string | null;
    lost: string;
    address: string;
    isLabelled: boolean;
}

export interface LadderView {
    quantity: string;
    label: string;
    rungs: ({ at: number; kind: string; words: string })[];
    usualFrom: number | null;
    usualTo: number | null;
    usual: string | null;
}

export interface LiveView {
    heardAt: string;
    values: Record<string, string>;
    on: Record<string, boolean>;
    acts: string[];
    against: FindingView[];
}

export interface LogView {
    id: number;
    name: string;
    rows: number;
    from: string | null;
    to: string | null;
    takenInAt: string;
    by: string;
    takenBackAt: string | null;
    because: string | null;
}

export interface OrderView {
    id: number;
    outlet: string;
    isOn: boolean;
    forMin: number;
    because: string;
    who: string;
    state: string;
    askedAt: string;
    expiresAt: string;
    untilAt: string | null;
    overAt: string | null;
    refusedWhy: string | null;
    isOverdue: boolean;
    isOpen: boolean;
}

export interface OutletView {
    id: number;
    key: string;
    name: string;
    place: string;
    load: string | null;
    job: string | null;
    watts: string | null;
    does: string;
    lost: string;
    lostLevel: number | null;
    manners: string[];
    guards: string[];
    into: string | null;
    isLabelled: boolean;
    isSet: boolean;
    wrong: string | null;
    mark: string | null;
    notProved: string | null;
}

export interface PlugWordView {
    id: number;
    kind: string;
    name: string;
    items: string[];
}

export interface RunView {
    trace: (Record<string, number | null>)[];
    happened: ({ h: number; kind: string; untilH: number; words: string })[];
    worn: FindingView[];
    assumed: string[];
    harmC: [number, number];
    firstHarm: string | null;
    firstHarmH: number | null;
    floor: string;
    drawn: string;
    extremes: Record<string, { least: string; most: string }>;
    section: SectionView | null;
    frames: FrameView[];
    moved: string[];
}

export interface SensorView {
    id: number;
    key: string;
    kind: string;
    name: string;
    quantity: string | null;
    resolution: number | null;
    hangsIn: string;
    at: number | null;
    systemId: number | null;
    calibratedOn: string | null;
    calibrateEveryDays: number | null;
}

export interface SetUpLineView {
    number: number;
    state: string;
    why: string | null;
    by: string | null;
    activatedAt: string | null;
    hash: string | null;
    changes: string[];
}

export interface StartsView {
    startC: number;
    stopC: number;
    guardC: number;
}

export interface StripView {
    id: number;
    name: string;
    circuitId: number | null;
    circuit: string | null;
    rating: string | null;
    ownClock: boolean | null;
    outlets: OutletView[];
}

export interface AreaEventView {
    id: number;
    kind: string;
    towns: string[];
    startsAt: string;
    endsAt: string;
    darkH: number | null;
    outsideC: number | null;
    words: string | null;
    asks: string;
    isCalledOff: boolean;
    hasJobs: boolean;
}

export interface HarmCourseView {
    limit: number;
    start: number;
    rises: boolean;
    beganMs: number;
    rows: ([number, number | null])[];
    readings: ([number, number])[];
}

export interface FoundView {
    kind: string;
    label: string;
    where: string;
    href: string;
}

export interface ShellView {
    userId: number | null;
    userName: string | null;
    initials: string | null;
    role: string | null;
    plans: boolean;
    stations: StationView[];
    units: Record<string, UnitDisplay>;
    written: Record<string, Record<string, { factor: number; offset: number }>>;
    decimalMark: string;
    theme: string;
    demo: boolean;
    zone: string;
}

export interface StationView {
    key: string;
    label: string;
    href: string;
}

export interface TodayGroupView {
    title: string;
    empty: string;
    lines: TodayLineView[];
    moreHref: string | null;
    more: string | null;
    ticks: string | null;
}

export interface TodayLineView {
    what: string;
    about: string;
    href: string | null;
    mark: string;
    at: string | null;
    harmH: number | null;
    actsH: number | null;
    siteId: number | null;
}

export interface AnswersView {
    figures: FigureView[];
    findings: FindingView[];
    open: OpenCheckView[];
    errors: Record<string, string>;
    waiting: Record<string, string[]>;
    section: SectionView | null;
    powerCut: FrameView[];
    cloggedCut: FrameView[];
    heaterMap: HeaterCellView[];
    light: LightMapView[];
    metered: string[];
    day: DayPlanView | null;
    pump: PumpChartView | null;
    panes: DrilledPaneView[];
    proposedHoles: HoleView[];
    cabinet: PackingView[];
    ways: WayThroughView[];
    board: BoardView | null;
    cableWays: Record<string, { bad: boolean; words: string }>;
    power: PowerTreeView | null;
    outline: ([number, number])[];
}

export interface AuditLineView {
    id: number;
    at: string;
    who: string;
    what: string;
    changes: string[];
}

export interface BoardView {
    widthMm: number;
    heightMm: number;
    plugsMm: number;
    exitMm: number;
    standing: ({ heightMm: number; kind: string; name: string; row: number; widthMm: number; xMm: number; yMm: number })[];
}

export interface CrumbView {
    label: string;
    href: string | null;
}

export interface DayPlanView {
    full: string;
    channels: ({ name: string; path: string; says: string })[];
}

export interface DrilledPaneView {
    pane: string;
    words: string;
    widthMm: number;
    heightMm: number;
    round: boolean;
    holes: ({ diameterMm: number; name: string; needMm: number; row: number; tight: boolean; words: string; xMm: number; yMm: number })[];
}

export interface FigureView {
    key: string;
    label: string;
    text: string | null;
    note: string | null;
    basis: string;
    assumed: boolean;
    working: WorkingView | null;
    needs: string[];
}

export interface FindingView {
    key: string;
    severity: string;
    word: string;
    rule: string;
    about: string;
    what: string;
    why: string;
    remedy: string | null;
    basis: string;
    working: string | null;
}

export interface FrameView {
    second: number;
    phase: string;
    surfaces: Record<string, number>;
    floorL: number;
    display: string;
    sump: string;
    pipes: string;
    floor: string;
    total: string;
    level: string;
}

export interface HandleView {
    field: string;
    label: string;
    x: number;
    y: number;
    axis: string;
    sign: number;
    value: number;
    least: number;
    most: number;
}

export interface HeaterCellView {
    count: number;
    watts: number;
    border: string | null;
    words: string;
    chosen: boolean;
}

export interface HoleView {
    name: string;
    pane: string;
    xMm: number;
    yMm: number;
    diameterMm: number;
    serves: string | null;
}

export interface LightMapView {
    where: string;
    depth: string;
    lengthMm: number;
    widthMm: number;
    mean: string;
    least: string;
    most: string;
    corner: string;
    even: string;
    groups: Record<string, string>;
    lines: ({ level: number; path: string; x: number; y: number })[];
}

export interface MarkView {
    x: number;
    y: number;
    side: string;
    role: string;
    lines: string[];
    about: string;
    roomWidth: number;
    roomHeight: number;
}

export interface OpenCheckView {
    key: string;
    rule: string;
    asks: string;
    needs: string[];
    assumed: Record<string, string>;
    isSafety: boolean;
}

export interface PackingView {
    name: string;
    number: number;
    lengthMm: number;
    depthMm: number;
    heightMm: number;
    doorFromLeftMm: number;
    doorWidthMm: number;
    doorHeightMm: number;
    standing: ({ alongMm: number; deepMm: number; gear: number | null; held: boolean; highMm: number; inSump: boolean; liftMm: number; name: string; patches: ({ alongMm: number; deepMm: number; xMm: number; yMm: number })[]; row: number; turned: boolean; xMm: number; yMm: number; zMm: number })[];
    ledges: ({ bottomMm: number; name: string; patch: { alongMm: number; deepMm: number; xMm: number; yMm: number }; shelf: boolean; thickMm: number })[];
    clean: boolean;
}

export interface PageView {
    number: number;
    newer: string | null;
    older: string | null;
}

export interface PowerTreeView {
    allDay: number;
    circuits: ({ bad: boolean; full: number; number: number; says: string; start: string; strips: ({ bad: boolean; loads: ({ kind: string; name: string; row: number; share: number; watts: string })[]; number: number; says: string })[] })[];
}

export interface PumpChartView {
    points: ({ flowLh: number; lineM: number; pumpM: number })[];
    flowLh: number;
    headM: number;
    plannedLh: number;
    plannedHeadM: number;
    meets: string;
    outlets: string[];
}

export interface RuleView {
    number: string;
    title: string;
    says: string;
    why: string;
    formula: string | null;
    source: string | null;
}

export interface SectionView {
    minX: number;
    width: number;
    height: number;
    shapes: ShapeView[];
    marks: MarkView[];
    handles: HandleView[];
}

export interface ShapeView {
    kind: string;
    role: string;
    points: ([number, number])[];
    width: number;
    key: string | null;
}

export interface TableSpecView {
    word: string;
    most: number;
    columns: ({ choices: Record<string, string>; flag: boolean; head: string; key: string; kind: string | null; label: string; letters: number; otherwise: string })[];
}

export interface WayThroughView {
    piece: string;
    name: string;
    out: boolean;
    openWide: number;
    openHigh: number;
    faceWide: number;
    faceHigh: number;
    corner: { a: number; b: number; deg: number; long: number; short: number } | null;
    words: string;
    stuck: boolean;
}

export interface WorkingInputView {
    symbol: string;
    label: string;
    value: string;
    basis: string;
    assumed: boolean;
}

export interface WorkingView {
    title: string;
    formula: string;
    inputs: WorkingInputView[];
    result: string;
    shownResult: string;
    source: string;
}

export interface BoxHeadsView {
    planned: number;
    in: number | null;
    home: number | null;
    held: number | null;
    lost: number;
    lostBefore: number;
    loaded: boolean;
    off: boolean;
}

export interface CarryView {
    label: string;
    kg: number | null;
    persons: number | null;
    withAid: number | null;
}

export interface KitLineView {
    code: string;
    what: string;
    count: number | null;
    why: string;
    owner: string | null;
    taken: number | null;
    back: number | null;
}

export interface MoveBeforeView {
    text: string;
    dueOn: string;
    doneOn: string | null;
    isLate: boolean;
}

export interface MoveBoxView {
    id: string;
    label: string;
    litres: number;
    kg: number;
    wall: string;
    animals: string[];
    needs: string[];
    demandMgH: number | null;
    hours: number | null;
    binds: string | null;
    airSuffices: boolean;
    arrivesC: number | null;
    coursesC: number[];
    readC: number | null;
    riders: ({ count: number; id: string; label: string; lost: number })[];
    heads: BoxHeadsView | null;
}

export interface MoveClockView {
    label: string;
    fromMin: number;
    untilMin: number;
    lastsMin: number;
    kind: string;
}

export interface MoveCourseView {
    steps: MoveStepView[];
    ends: ({ atMin: number; label: string; reserveMin: number; slackMin: number })[];
    clocks: MoveClockView[];
    gates: ({ atMin: number; key: string })[];
    drops: MoveDropView[];
    mends: MoveMendView[];
    spares: string[];
    nowMin: number;
    factor: number;
    finishMin: number;
    isProven: boolean;
    learned: ({ label: string; percent: number })[];
}

export interface MoveDropView {
    steps: string[];
    labels: string[];
    becomes: string[];
    finishMin: number;
    holds: boolean;
}

export interface MoveGateView {
    key: string;
    label: string;
    asked: ({ isSo: boolean; key: string; label: string })[];
    against: string[];
    isOpen: boolean;
    decided: string | null;
    decidedBy: string | null;
    decidedAt: string | null;
}

export interface MoveHeadView {
    id: number;
    name: string;
    kind: string;
    kindLabel: string;
    on: string | null;
    fromId: number;
    from: string;
    toId: number | null;
    to: string | null;
    systemId: number | null;
    system: string | null;
    revision: number;
    mayPlan: boolean;
    mayRecord: boolean;
    closedAt: string | null;
    closedWords: string | null;
    beginsMin: number;
    beginsAt: string | null;
    holding: { id: number; isEmpty: boolean; name: string } | null;
    leftAsked: Record<string, string>;
    drives: boolean;
    stateLabel: string;
    states: ({ label: string; now: boolean; reached: boolean })[];
}

export interface MoveLineView {
    id: number;
    name: string;
    kind: string;
    on: string | null;
    from: string;
    to: string | null;
    state: string;
    stateLabel: string;
    isToday: boolean;
    worst: string | null;
    stops: number;
    done: string | null;
}

export interface MoveMendView {
    kind: string;
    pastMin: number;
    finishMin: number;
    persons: number | null;
    byMin: number | null;
    end: string | null;
    atMin: number | null;
    cost: string | null;
}

export interface MoveStepView {
    id: string;
    label: string;
    fromMin: number;
    untilMin: number;
    hands: string[];
    state: string;
    mayDrop: boolean;
    becomes: string;
    isRest: boolean;
}

export interface MoveTruckView {
    label: string;
    isHired: boolean;
    lengthMm: number;
    widthMm: number;
    stowed: StowedView[];
    left: string[];
    kg: number;
    payloadKg: number;
    frontKg: number | null;
    rearKg: number | null;
    leftPercent: number;
    straps: number;
    oldMostL: number | null;
}

export interface MoveWaterView {
    jumps: ({ after: number; freshMost: number | null; isOver: boolean; jump: number; parameter: string })[];
    acclimationMin: number | null;
    isStraight: boolean;
    holdingHours: number | null;
    holdingChangePercent: number | null;
}

export interface StowedView {
    id: string;
    label: string;
    xMm: number;
    yMm: number;
    zMm: number;
    alongMm: number;
    acrossMm: number;
    kg: number;
    isAlive: boolean;
}

export interface WorkLineView {
    id: number;
    name: string;
    system: string;
    done: number;
    of: number;
    next: string | null;
    from: string | null;
    isRefused: boolean;
    hasEnded: boolean;
}

export interface WorkMarkView {
    id: number;
    at: string;
    by: string;
    said: string | null;
    words: string | null;
    photoId: number | null;
    mayTakeBack: boolean;
}

export interface WorkStepView {
    key: string;
    words: string;
    caution: string | null;
    visit: number;
    proof: string;
    state: string;
    doneAt: string | null;
    from: string | null;
    first: string[];
    firstKeys: string[];
    holdH: number;
    limit: string | null;
    unit: string | null;
    counted: string | null;
    marks: WorkMarkView[];
}

export interface WorkView {
    id: number;
    name: string;
    what: string;
    systemId: number;
    system: string;
    begunOn: string;
    on: string | null;
    endedAt: string | null;
    endedBecause: string | null;
    done: number;
    isComplete: boolean;
    next: string | null;
    device: string | null;
    bringsNew: boolean;
    steps: WorkStepView[];
    mayRecord: boolean;
    mayEnd: boolean;
}

export interface RecommendationView {
    text: string;
    priceMinor: number | null;
    price: string | null;
}

export interface ReportDeliveryView {
    address: string;
    state: string;
    goneAt: string | null;
}

export interface ReportLineView {
    id: number;
    place: string;
    client: string;
    visitedOn: string;
    by: string;
    sentOn: string | null;
}

export interface ReportReadingView {
    label: string;
    value: string;
    words: string;
}

export interface ReportSystemView {
    id: number;
    name: string;
    done: string[];
    readings: ReportReadingView[];
    seen: string[];
    notDone: string[];
    know: string[];
}

export interface ReportView {
    id: number;
    place: string;
    client: string;
    date: string;
    from: string;
    to: string;
    by: string;
    words: string | null;
    systems: ReportSystemView[];
    parts: string[];
    recommendations: RecommendationView[];
    nextOn: string | null;
    photo: boolean;
    photoId: number | null;
    photoCaption: string | null;
    sentOn: string | null;
    sentTo: string[];
    notes: ({ by: string; on: string; text: string })[];
    visitId: number;
}

export interface BeginningView {
    by: string;
    harmH: number | null;
    credits: CreditView[];
}

export interface CauseView {
    code: string;
    count: number;
    words: string;
    lacks: string;
    severity: 'stop' | 'fix' | 'watch' | 'fine';
}

export interface CountedView {
    failures: number;
    deviceYears: number;
    years: number | null;
    lowYears: number;
    highYears: number | null;
    isEnough: boolean;
}

export interface CreditView {
    name: string;
    kind: string;
    actsH: number | null;
    failsPct: number;
    why: string | null;
    tested: boolean;
    testedMonths: number | null;
    shares: string[];
    isPerson: boolean;
}

export interface ExposureLineView {
    id: number;
    name: string;
    where: string;
    severity: string;
    words: string;
    why: string;
    remedy: string | null;
    harmH: number | null;
    actsH: number | null;
    hours: number | null;
    needs: string | null;
    atMost: boolean;
    ring: RingView | null;
}

export interface FleetRunView {
    id: string;
    share: number;
}

export interface FunctionRowView {
    function: string;
    primary: string[];
    backup: string;
    survives: string;
    severity: string;
    breaks: string[];
    detects: string[];
    harmH: number | null;
    helpH: number | null;
    proved: string | null;
}

export interface HarmView {
    by: string;
    hours: number | null;
    limit: string;
    lossHours: number | null;
    assumed: boolean;
}

export interface HazardView {
    hazard: string;
    label: string;
    harms: HarmView[];
    noticedH: number | null;
    actsH: number | null;
    hours: number | null;
    atMost: boolean;
    who: string | null;
    how: string;
    finding: FindingView;
    working: WorkingView | null;
}

export interface MeasureView {
    kind: string;
    label: string;
    priceMinor: number | null;
    price: string | null;
    upkeepMin: number;
    devices: number;
    saves: number;
    savesShown: string | null;
    changes: ({ after: number; before: number; hazard: string })[];
    chosen: boolean;
}

export interface OpenLimitView {
    id: number;
    name: string;
    system: string;
    where: string;
    systemId: number;
    quantity: string | null;
    lowLimit: number | null;
    highLimit: number | null;
}

export interface PersonGoneView {
    name: string;
    tooLate: ({ harmH: number; hazard: string; withH: number; withoutH: number | null })[];
    later: number;
    mostLaterH: number | null;
}

export interface RingView {
    people: ({ name: string; phone: string | null; what: string })[];
    key: string;
}

export interface SchoolView {
    name: string;
    year: number;
    measures: string[];
    price: string | null;
    unpriced: number;
    upkeepMin: number;
    devices: number;
}

export interface SignedOfferView {
    signedBy: string;
    signedOn: string;
    cost: string;
    taken: string[];
    putOff: ({ isDue: boolean; label: string; meanwhile: string; until: string })[];
}

export interface SingleLossView {
    id: string;
    name: string;
    mode: string;
    isShared: boolean;
    devices: string[];
    functions: string[];
    harmH: number | null;
    harm: string;
    events: string[];
    floor: string | null;
    needs: string[];
}

export interface YearRowView {
    hazard: string;
    label: string;
    rule: string;
    rate: string;
    harms: string;
    loss: string | null;
    lossRange: string | null;
    weight: number;
    beginnings: BeginningView[];
    weakest: string;
    narrows: string[];
}

export interface AmmoniaTableView {
    limits: ({ act: Record<string, number>; ph: number; stop: Record<string, number>; temp: Record<string, number> })[];
    changes: ({ change: string; most: Record<string, number>; peak: string; ph: number })[];
    ph: number | null;
    tempC: number | null;
    warmestC: number;
    worstPh: number;
    none: string;
}

export interface AnnounceView {
    visitId: number;
    place: string;
    client: string;
    words: string;
    contact: string | null;
    phone: string | null;
}

export interface BoardView {
    dates: string[];
    crews: CrewRowView[];
    unplanned: StopView[];
    more: number;
    proposed: boolean;
}

export interface ChangeWords {

}

export interface ChargeView {
    id: number;
    name: string;
    place: string | null;
    mass: string | null;
    lot: string | null;
    inOn: string;
    dueOn: string | null;
    lifeDays: number | null;
    taskId: number | null;
    stagger: string | null;
}

export interface ConsequenceView {
    may: boolean;
    sentences: string[];
    priceMin: number;
}

export interface CrewDayView {
    date: string;
    works: boolean;
    stops: StopView[];
    backAt: string | null;
    drivingMin: number;
    overtimeMin: number;
    water: string;
    levelStart: number;
    load: string;
    refusal: string | null;
    away: string;
}

export interface CrewRowView {
    id: number;
    name: string;
    members: string;
    vehicle: string;
    days: CrewDayView[];
}

export interface CrewView {
    id: number;
    name: string;
    members: string;
    vehicle: string;
    depot: string;
    hours: string;
    fromOn: string;
    untilOn: string | null;
}

export interface FaultView {
    symptom: string;
    label: string;
    given: number[];
    trail: ({ answer: string; ask: string; way: string })[];
    way: string | null;
    ask: string | null;
    how: string | null;
    caution: string | null;
    answers: string[];
    cause: string | null;
    part: string | null;
    follow: string | null;
    followOn: string | null;
    power: boolean;
}

export interface FollowUpView {
    id: number;
    systemId: number;
    system: string;
    kind: string;
    text: string;
    owner: string;
    dueOn: string;
    late: boolean;
    onSite: boolean;
}

export interface JobSheetView {
    id: number;
    name: string;
    version: number;
    on: string | null;
    everyDays: number;
    minutes: number;
    persons: number;
    steps: ({ hold: boolean; productId: number | null; text: string })[];
    cautions: string[];
    build: boolean;
    photoFirst: boolean;
    purpose: string;
    whenNot: string;
    tools: string[];
    materials: string[];
    proof: string;
    record: string;
}

export interface LateEntryView {
    id: number;
    what: string;
    at: string;
    by: string;
}

export interface LiftedView {
    uuid: string;
    what: string;
    place: string;
    isBack: boolean;
}

export interface MethodResultView {
    method: string;
    parameter: string | null;
    count: number;
    kept: number;
    dropped: number;
    unclear: number;
    mean: string | null;
    spread: string | null;
    meanAt: number | null;
    trials: ({ change: number | null; system: string; systemId: number; text: string | null; verdict: string; words: string })[];
}

export interface MethodView {
    name: string;
    oldShare: string;
    nitrate: string | null;
}

export interface NextStopView {
    id: number;
    place: string;
    address: string | null;
    lat: number | null;
    lon: number | null;
    at: string;
    leaveBy: string;
    along: string[];
}

export interface OffNeedView {
    what: string;
    why: string;
}

export interface OffView {
    id: number;
    uuid: string;
    systemId: number;
    what: string;
    at: string;
    by: string;
    staysBecause: string | null;
    substitute: string | null;
    reviewOn: string | null;
    owner: string | null;
}

export interface RunningView {
    label: string;
    untilAt: string;
}

export interface SandView {
    aimMm: number | null;
    places: string[];
    words: string | null;
    staying: string[];
}

export interface SheetVersionView {
    version: number;
    on: string;
    by: string;
    reason: string;
    lines: ([string, string])[];
}

export interface SickVisitView {
    id: number;
    place: string;
    client: string;
    was: string;
    becomes: string | null;
    why: string | null;
    knows: string | null;
}

export interface SiteJobView {
    typeId: number;
    name: string;
    version: number;
    sheet: string[];
    steps: StepView[];
    own: ({ by: string; id: number; on: string; text: string; why: string })[];
}

export interface StepView {
    text: string;
    was: string | null;
    why: string | null;
    photoId: number | null;
    card: ProductCardView | null;
    left: boolean;
    adrift: boolean;
    hold: boolean;
}

export interface StopView {
    id: number;
    place: string;
    client: string;
    at: string | null;
    minutes: number;
    water: string | null;
    levelAfter: number;
    work: string;
    pinned: boolean;
    promised: boolean;
    moved: boolean;
    state: string;
    lateDays: number;
    why: string | null;
    dueOn: string;
    asks: string | null;
    knows: string | null;
    siteId: number;
}

export interface TaskLineView {
    id: number;
    systemId: number;
    system: string;
    where: string;
    type: string;
    typeId: number;
    turn: string | null;
    standing: string;
    standingWords: string;
    lastDoneOn: string | null;
    dueOn: string | null;
    latestOn: string | null;
    everyDays: number | null;
    earliestDays: number | null;
    latestDays: number | null;
    standardDays: number | null;
    reason: string | null;
    suspendedUntil: string | null;
    suspendedReason: string | null;
    litres: number | null;
    reasons: string[];
    triggers: TriggerView[];
    because: string | null;
}

export interface TellView {
    id: number;
    visitId: number;
    place: string;
    client: string;
    words: string;
    contact: string | null;
    phone: string | null;
}

export interface TrialView {
    id: number;
    systemId: number;
    system: string;
    method: string;
    expectation: string;
    measuredBy: string;
    startedOn: string;
    judgeOn: string;
    due: boolean;
    verdict: string | null;
    verdictLabel: string | null;
    verdictWords: string | null;
    by: string;
    judgedBy: string | null;
    effect: string | null;
    clear: string | null;
}

export interface TriggerView {
    kind: string;
    days: number[] | null;
    parameter: string | null;
    below: number | null;
    above: number | null;
    sign: string | null;
    vesselL: number | null;
    mlPerDay: number | null;
    leadDays: number | null;
    by: string | null;
    limit: number | null;
    perDay: number | null;
    on: string | null;
    everyDays: number | null;
    forDays: number | null;
    stop: number | null;
}

export interface UnseatedListView {
    shown: UnseatedView[];
    count: number;
}

export interface UnseatedView {
    systemId: number;
    system: string;
    place: string;
    what: string;
    dueOn: string;
    why: string;
}

export interface VisitSystemView {
    id: number;
    name: string;
    volume: string | null;
    isolated: string | null;
    settling: string | null;
    notes: NoteView[];
    changes: LogLineView[];
    carried: FollowUpView[];
    offs: OffView[];
    tasks: VisitTaskView[];
    readings: ParameterView[];
    others: ParameterView[];
    ripples: string[];
    ammonia: AmmoniaTableView | null;
    ammoniaStands: FindingView | null;
    locks: string[];
    lifted: LiftedView[];
    sand: SandView | null;
}

export interface VisitTaskView {
    id: number;
    systemId: number;
    key: string;
    name: string;
    asked: string | null;
    turn: string | null;
    state: string;
    steps: StepView[];
    ticked: number[];
    cautions: string[];
    off: OffNeedView[];
    readings: string[];
    messy: boolean;
    photoFirst: boolean;
    before: string | null;
    note: string | null;
    litres: number | null;
    litresText: string | null;
    outL: number | null;
    inL: number | null;
    reason: string | null;
    methods: MethodView[];
    waterWords: string[];
    sheet: string;
    uuid: string | null;
    charges: string[];
}

export interface VisitView {
    id: number;
    place: string;
    client: string;
    address: string | null;
    date: string;
    at: string | null;
    minutes: number;
    state: string;
    openedAt: string | null;
    accessNote: string | null;
    parking: string | null;
    pets: string | null;
    carry: string[];
    codes: Record<string, string>;
    leftNote: string | null;
    siteId: number;
    reportId: number | null;
    away: string | null;
    lat: number | null;
    lon: number | null;
    next: NextStopView | null;
    late: LateEntryView[];
}

export interface WeekRunView {
    id: number;
    isOpen: boolean;
    share: number;
    monday: string;
    by: string;
    said: string[];
}

export interface WishView {
    id: number;
    text: string;
    says: string;
    by: string;
    on: string;
}

export interface OfferView {
    offer: Offer;
    name: string;
    where: string;
    itemId: number | null;
    systemId: number | null;
}

export interface AnimalView {
    id: number;
    name: string;
    kind: string;
    kindLabel: string;
    count: number;
    lengthCm: number | null;
    deep: boolean;
    state: string;
    stateLabel: string;
    lives: boolean;
    inOn: string | null;
    source: string | null;
    parLow: number | null;
    parHigh: number | null;
    note: string | null;
    staysPut: string | null;
    gone: string | null;
    xMm: number | null;
    yMm: number | null;
    depthMm: number | null;
    par: number | null;
    isLifted: boolean;
    home: string | null;
    light: string | null;
    history: ({ at: string; words: string })[];
}

export interface BandView {
    parameter: string;
    label: string;
    kind: string;
    tracked: boolean;
    aimLow: number | null;
    aimHigh: number | null;
    fineLow: number | null;
    fineHigh: number | null;
    actLow: number | null;
    actHigh: number | null;
    ratePerDay: number | null;
    reason: string | null;
    holdsWhile: string | null;
    own: boolean;
}

export interface HouseLimitView {
    key: string;
    rule: string;
    label: string;
    kind: string;
    usual: string;
    range: string;
    value: number | null;
    reason: string | null;
    by: string | null;
}

export interface ItemView {
    id: number;
    job: string;
    jobLabel: string;
    name: string;
    watts: number | null;
    installedOn: string | null;
    installedPrecision: string;
    lifeMonths: number | null;
    countedMonths: number | null;
    replaceOn: string | null;
    plugLabel: string | null;
    outlet: string | null;
    circuit: string | null;
    serial: string | null;
    spareWhere: string | null;
    note: string | null;
    serviceEveryDays: number | null;
    lastServiceOn: string | null;
    warrantyUntil: string | null;
    retired: string | null;
    priceMinor: number | null;
    price: string | null;
    photoId: number | null;
    state: string;
    stateLabel: string;
    testedResult: string | null;
    temporaryUntil: string | null;
    temporaryWhy: string | null;
    switchedBy: string | null;
    sensesOwnVessel: boolean | null;
    awaySince: string | null;
    awayWhere: string | null;
    awayInstead: string | null;
    awayHandDays: number | null;
    awayHandOn: string | null;
    capacityWh: number | null;
    usableSharePct: number | null;
    carriesW: number | null;
    efficiencyPct: number | null;
    idleW: number | null;
    vesselId: number | null;
    doses: string | null;
    strengthMeqMl: number | null;
    holdsMl: number | null;
    mlPerMin: number | null;
    vesselAboveMm: number | null;
    lineBreak: boolean | null;
    lineBoreMm: number | null;
    lineLengthM: number | null;
    roSpanL: number | null;
    roLh: number | null;
    roLimitMin: number | null;
    roTakesL: number | null;
    roFloat: boolean | null;
    roFeedStop: boolean | null;
    roFindings: FindingView[];
    changedHow: string | null;
    changedOn: string | null;
    ownThermostat: boolean | null;
    thermostatC: number | null;
    thermostatTriedOn: string | null;
}

export interface LogLineView {
    id: number;
    at: string;
    kind: string;
    text: string;
    by: string;
}

export interface NoteView {
    id: number;
    text: string;
    by: string;
    on: string;
    until: string | null;
}

export interface OwnParameterView {
    id: number;
    name: string;
    unit: string;
    least: number;
    most: number;
    resolution: number;
}

export interface ParameterView {
    parameter: string;
    label: string;
    kind: string;
    tracked: boolean;
    latest: string | null;
    latestAt: string | null;
    standing: string;
    standingWords: string;
    way: string;
    leaves: string | null;
    scatter: string | null;
    spread: string | null;
    fine: string | null;
    units: string[];
}

export interface ProductCardView {
    id: number;
    name: string;
    instructions: string | null;
    cautions: string[];
    contents: string | null;
    effect: string | null;
    openDays: number | null;
    sheetId: number | null;
    goodUntil: string | null;
}

export interface ProductView {
    id: number;
    name: string;
    kind: string;
    raises: string;
    lowers: string;
    note: string | null;
    howMuch: string | null;
    kindKey: string;
    raisesKeys: string[];
    lowersKeys: string[];
    cautions: string | null;
    packets: number | null;
    contents: string | null;
    card: ProductCardView;
}

export interface ReadingView {
    id: number;
    at: string;
    value: number;
    text: string;
    typed: string;
    method: string;
    instrument: string | null;
    by: string;
    doubtful: boolean;
    marked: string | null;
}

export interface RippleView {
    id: number;
    label: string;
    check: string;
    rule: string;
    cause: string;
    moved: string | null;
    on: string;
}

export interface SeriesView {
    parameter: string;
    label: string;
    unit: string;
    digits: number;
    readings: ReadingView[];
    band: Record<string, number | null>;
    line: ([string, number])[];
    reason: string | null;
}

export interface SettingView {
    itemId: number;
    item: string;
    plug: string | null;
    name: string;
    value: string;
    on: string;
    by: string;
    why: string;
    before: ({ by: string; on: string; value: string; why: string })[];
}

export interface SumFieldView {
    spec: FactSpecView;
    known: number | string | null;
    optional: boolean;
}

export interface SumLineView {
    key: string;
    label: string;
    text: string;
    value: number | null;
    note: string | null;
    working: WorkingView | null;
}

export interface SystemHeaderView {
    id: number;
    name: string;
    kind: string;
    regime: string;
    volume: string | null;
    age: string | null;
    settling: string | null;
    unprotected: string | null;
    keeper: string | null;
    crumbs: CrumbView[];
    notes: NoteView[];
    ripples: RippleView[];
    working: boolean;
    mayUpdate: boolean;
    mayRecord: boolean;
    mayCallOut: boolean;
    siteId: number;
    planVersionId: number | null;
}

export interface SystemLineView {
    id: number;
    name: string;
    where: string;
    kind: string;
    volume: string | null;
    worst: string | null;
    way: string | null;
    mark: string;
    days: number | null;
}

export interface AccessView {
    factorIsOn: boolean;
    factorIsAsked: boolean;
    codesLeft: number;
    tokens: number;
    sessions: SignedInView[];
}

export interface CaughtMailView {
    id: number;
    to: string;
    subject: string;
    body: string;
    at: string;
}

export interface DemoAccountView {
    name: string;
    email: string;
    role: string;
    password: string;
}

export interface PreferencesView {
    name: string;
    email: string;
    role: string;
    unitSystem: string;
    alkalinityUnit: string;
    salinityUnit: string;
    decimalMark: string;
    theme: string;
    isOwner: boolean;
    catchesMail: boolean;
}

export interface SignedInView {
    name: string;
    device: string;
    from: string | null;
    lastSeen: string;
    isHere: boolean;
}

export interface BatchView {
    title: string;
    litres: string;
    salt: string;
    vessel: number;
    fillAt: string;
    mixAt: string;
    testAt: string;
    readyAt: string;
    loadAt: string;
    heatGoverns: boolean;
    for: string[];
    litresValue: number;
    mixId: number;
    salinity: number;
}

export interface DepartureView {
    label: string;
    at: string;
    litres: string;
    late: boolean;
    fromStock: string | null;
    href: string;
}

export interface PromiseView {
    label: string;
    litres: string;
    lacks: string | null;
    toMix: string | null;
}

export interface StandingView {
    id: number;
    litres: string;
    mix: string;
    salinity: string;
    state: string;
    until: string;
    for: string | null;
    measured: boolean;
}

export interface WaterDayView {
    now: string;
    flushAt: string | null;
    roFrom: string | null;
    roTo: string | null;
    roToMake: string;
    salt: string;
    batches: BatchView[];
    departures: DepartureView[];
    standing: StandingView[];
    promises: PromiseView[];
    findings: FindingView[];
    ready: string;
    unclaimed: string | null;
    roStored: string;
    vessels: number;
}

export interface UnitDisplay {
    label: string;
    factor: number;
    offset: number;
    digits: number;
    table: ([number, number])[] | null;
}

export interface Offer {
    id: string;
    isShelf: boolean;
    against: string[];
    minutes: number | null;
    exposes: string | null;
}
