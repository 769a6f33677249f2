// Written by velbrin:types from the view classes. Do not edit.

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
    figures: DifferenceView[];
    gone: FindingView[];
    new: FindingView[];
}

export interface DifferenceView {
    label: string;
    before: string;
    after: string;
}

export interface PlanDraftView {
    values: Record<string, number | string>;
    bases: Record<string, string>;
    chambers: ChamberView[];
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

export interface StopView {
    finding: FindingView;
    byReason: boolean;
    answeredBy: string | null;
    answeredOn: string | null;
    reason: string | null;
    document: string | null;
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
    crumbs: CrumbView[];
    answers: AnswersView;
    stops: StopView[];
    against: string[];
    others: VersionLineView[];
    regimes: Record<string, string>;
    mayAccept: boolean;
}

export interface AttachmentView {
    id: number;
    kind: string;
    caption: string | null;
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

export interface ClientView {
    id: number;
    name: string;
    note: string | null;
    sites: SiteLineView[];
    contacts: ContactView[];
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
    siteId: number | null;
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
    shapes: string[];
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
}

export interface PersonView {
    id: number;
    name: string;
    email: string;
    role: string;
    client: string | null;
    archived: boolean;
}

export interface PlaceView {
    id: number;
    name: string;
    sites: SiteLineView[];
}

export interface RoomView {
    id: number;
    name: string;
    facts: Record<string, number | string | null>;
    bases: Record<string, BasisView>;
    toSurvey: ToSurveyView[];
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
}

export interface ToSurveyView {
    key: string;
    label: string;
    dependsOn: string;
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
    decimalMark: string;
    theme: string;
    demo: boolean;
}

export interface StationView {
    key: string;
    label: string;
    href: string;
}

export interface AnswersView {
    figures: FigureView[];
    findings: FindingView[];
    errors: Record<string, string>;
    waiting: Record<string, string[]>;
    section: SectionView | null;
    powerCut: FrameView[];
    cloggedCut: FrameView[];
}

export interface AuditLineView {
    id: number;
    at: string;
    who: string;
    what: string;
    changes: string[];
}

export interface CrumbView {
    label: string;
    href: string | null;
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

export interface PageView {
    number: number;
    newer: string | null;
    older: string | null;
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
}

export interface ShapeView {
    kind: string;
    role: string;
    points: ([number, number])[];
    width: number;
    key: string | null;
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

export interface SystemHeaderView {
    id: number;
    name: string;
    kind: string;
    regime: string;
    volume: string | null;
    age: string | null;
    settling: string | null;
    keeper: string | null;
    crumbs: CrumbView[];
    notes: NoteView[];
    working: boolean;
    mayUpdate: boolean;
    mayRecord: boolean;
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

export interface UnitDisplay {
    label: string;
    factor: number;
    offset: number;
    digits: number;
    table: ([number, number])[] | null;
}
