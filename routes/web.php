<?php

declare(strict_types=1);

use App\Alerts\Http\AlarmController;
use App\Alerts\Http\ControlAlarmController;
use App\Alerts\Http\LiveController;
use App\Api\Http\ApiController;
use App\Api\Http\TokenController;
use App\Build\Http\AcceptedRiskController;
use App\Build\Http\ConsentController;
use App\Build\Http\HoleTemplateController;
use App\Build\Http\JointLookController;
use App\Build\Http\LampTypeController;
use App\Build\Http\OptionsController;
use App\Build\Http\OrderController;
use App\Build\Http\PlanController;
use App\Build\Http\PlanDraftController;
use App\Build\Http\PlanSheetController;
use App\Build\Http\PlanVersionController;
use App\Build\Http\PriceController;
use App\Build\Http\QuoteController;
use App\Build\Http\StageController;
use App\Build\Http\StageFirmController;
use App\Build\Http\StageToolController;
use App\Build\Http\SupplierController;
use App\Build\Http\TradeSheetController;
use App\Build\Http\WaiverController;
use App\Clients\Http\AttachmentController;
use App\Clients\Http\ClientController;
use App\Clients\Http\ClientDataController;
use App\Clients\Http\ContactController;
use App\Clients\Http\EnquiryController;
use App\Clients\Http\PassageController;
use App\Clients\Http\PeopleController;
use App\Clients\Http\RemoteAccessController;
use App\Clients\Http\RoomController;
use App\Clients\Http\SiteCodeController;
use App\Clients\Http\SiteController;
use App\Clients\Http\SurveyPaperController;
use App\Control\Http\ControlController;
use App\Control\Http\ControlLogController;
use App\Control\Http\ControlPaperController;
use App\Control\Http\DeviceController;
use App\Control\Http\OutletOrderController;
use App\Control\Http\SensorController;
use App\Control\Http\StandardController;
use App\Control\Http\SupplyController;
use App\Control\Http\TrialRunController;
use App\Emergency\Http\AreaEventController;
use App\Emergency\Http\DepotReadyController;
use App\Emergency\Http\IncidentController;
use App\Emergency\Http\ReadyController;
use App\Emergency\Http\StormController;
use App\Front\Http\AuditController;
use App\Front\Http\TodayController;
use App\Front\Http\TypeToGoController;
use App\House\Http\RuleController;
use App\Moves\Http\HoldingController;
use App\Moves\Http\KitController;
use App\Moves\Http\MoveController;
use App\Moves\Http\WorkController;
use App\Reports\Http\HandoverController;
use App\Reports\Http\ReportController;
use App\Risk\Http\AlarmLimitsController;
use App\Risk\Http\FleetRunController;
use App\Risk\Http\FleetYearController;
use App\Risk\Http\MeasureController;
use App\Risk\Http\ProofController;
use App\Risk\Http\RateController;
use App\Risk\Http\RiskController;
use App\Risk\Http\SingleController;
use App\Rounds\Http\CallOutController;
use App\Rounds\Http\ChargeController;
use App\Rounds\Http\CrewController;
use App\Rounds\Http\DisturbedController;
use App\Rounds\Http\DrillController;
use App\Rounds\Http\DueController;
use App\Rounds\Http\FaultController;
use App\Rounds\Http\FeedController;
use App\Rounds\Http\JobSheetController;
use App\Rounds\Http\RemoteActController;
use App\Rounds\Http\SickController;
use App\Rounds\Http\SiteEventController;
use App\Rounds\Http\TaskController;
use App\Rounds\Http\TrialController;
use App\Rounds\Http\VisitController;
use App\Rounds\Http\VisitJobController;
use App\Rounds\Http\WeekController;
use App\Rounds\Http\WishController;
use App\Stores\Http\LenderController;
use App\Stores\Http\LoanController;
use App\Stores\Http\StoreController;
use App\Systems\Http\AnimalController;
use App\Systems\Http\BandController;
use App\Systems\Http\HouseLimitController;
use App\Systems\Http\ItemController;
use App\Systems\Http\LogController;
use App\Systems\Http\MaterialController;
use App\Systems\Http\OwnParameterController;
use App\Systems\Http\ProductController;
use App\Systems\Http\ReadingController;
use App\Systems\Http\RippleController;
use App\Systems\Http\SettingController;
use App\Systems\Http\SideBySideController;
use App\Systems\Http\StandingNoteController;
use App\Systems\Http\SumController;
use App\Systems\Http\SystemAttachmentController;
use App\Systems\Http\SystemController;
use App\Systems\Http\SystemFactsController;
use App\Systems\Http\Tab\LogTab;
use App\Systems\Http\Tab\PapersTab;
use App\Systems\Http\Tab\ReadingsTab;
use App\Systems\Http\Tab\RegimeTab;
use App\Systems\Http\Tab\RegisterTab;
use App\Systems\Http\Tab\SectionTab;
use App\Systems\Http\VesselController;
use App\Systems\Http\VesselRoomController;
use App\Team\Http\AccessController;
use App\Team\Http\MailCatcherController;
use App\Team\Http\PasswordResetController;
use App\Team\Http\RosterController;
use App\Team\Http\SecondFactorController;
use App\Team\Http\SessionController;
use App\Team\Http\SettingsController;
use App\Water\Http\DepotController;
use App\Water\Http\WaterController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SessionController::class, 'store'])
        ->middleware('throttle:sign-in')
        ->name('sign-in.store');
    Route::get('/sign-in/code', [SessionController::class, 'code'])->name('sign-in.code');
    Route::post('/sign-in/code', [SessionController::class, 'passCode'])
        ->middleware('throttle:code')
        ->name('sign-in.code.store');
    Route::get('/forgot-password', [PasswordResetController::class, 'create'])->name('password.request');
    Route::post('/forgot-password', [PasswordResetController::class, 'store'])
        ->middleware('throttle:reset-mail')
        ->name('password.email');
    Route::get('/reset-password/{token}', [PasswordResetController::class, 'edit'])->name('password.reset');
    Route::post('/reset-password', [PasswordResetController::class, 'update'])
        ->middleware('throttle:reset')
        ->name('password.update');
});

Route::middleware('auth')->group(function (): void {
    Route::get('/', TodayController::class)->name('home');
    Route::post('/sign-out', [SessionController::class, 'destroy'])->name('sign-out');
    Route::get('/go', TypeToGoController::class)->name('go');
    Route::get('/rules', [RuleController::class, 'index'])->name('rules');
    Route::get('/rules/{number}', [RuleController::class, 'show'])->name('rules.show');

    Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
    Route::put('/settings', [SettingsController::class, 'update'])->name('settings.update');
    Route::put('/settings/password', [SettingsController::class, 'password'])
        ->middleware('throttle:own-password')
        ->name('settings.password');
    Route::get('/settings/access', [AccessController::class, 'index'])->name('access');
    Route::post('/settings/access/sessions/{session}/end', [AccessController::class, 'end'])->name('access.end');
    Route::post('/settings/access/end-all', [AccessController::class, 'endAll'])->name('access.end-all');
    Route::middleware('throttle:own-factor')->group(function (): void {
        Route::post('/settings/access/factor', [SecondFactorController::class, 'begin'])->name('factor.begin');
        Route::put('/settings/access/factor', [SecondFactorController::class, 'confirm'])->name('factor.confirm');
        Route::post('/settings/access/factor/codes', [SecondFactorController::class, 'codes'])->name('factor.codes');
        Route::post('/settings/access/factor/off', [SecondFactorController::class, 'off'])->name('factor.off');
    });
    Route::put('/settings/people/second-factor', [SecondFactorController::class, 'rule'])->name('people.second-factor');
    Route::post('/settings/people/{user}/factor-off', [SecondFactorController::class, 'takeOff'])->name('people.factor-off');
    Route::get('/settings/people', [PeopleController::class, 'index'])->name('people');
    Route::post('/settings/people', [PeopleController::class, 'store'])->name('people.store');
    Route::post('/settings/people/{user}/archive', [PeopleController::class, 'archive'])->name('people.archive');
    Route::post('/settings/people/{user}/return', [PeopleController::class, 'letInAgain'])->name('people.return');
    Route::put('/settings/people/{user}/role', [PeopleController::class, 'role'])->name('people.role');
    Route::get('/settings/parameters', [OwnParameterController::class, 'index'])->name('parameters');
    Route::post('/settings/parameters', [OwnParameterController::class, 'store'])->name('parameters.store');
    Route::post('/settings/parameters/{own}/archive', [OwnParameterController::class, 'archive'])->name(
        'parameters.archive',
    );
    Route::get('/settings/products', [ProductController::class, 'index'])->name('products');
    Route::post('/settings/products', [ProductController::class, 'store'])->name('products.store');
    Route::put('/settings/products/{product}', [ProductController::class, 'update'])->name('products.update');
    Route::post('/settings/products/{product}/attachments', [ProductController::class, 'sheet'])->name(
        'products.sheet',
    );
    Route::get('/systems/{system}/fault', [FaultController::class, 'show'])->name('systems.fault');
    Route::post('/systems/{system}/fault', [FaultController::class, 'store'])->name('systems.fault.store');
    Route::get('/systems/{system}/trials', [TrialController::class, 'ofSystem'])->name('systems.trials');
    Route::post('/systems/{system}/trials', [TrialController::class, 'store'])->name('trials.store');
    Route::post('/trials/{trial}/judge', [TrialController::class, 'judge'])->name('trials.judge');
    Route::get('/trials', [TrialController::class, 'index'])->name('trials');
    Route::put('/settings/lamps/{lamp}/grid', [LampTypeController::class, 'grid'])->name('lamps.grid');
    Route::put('/vessels/{vessel}/room', VesselRoomController::class)->name('vessels.room');
    Route::post('/systems/{system}/vessels', [VesselController::class, 'store'])->name('vessels.join');
    Route::post('/vessels/{vessel}/leave', [VesselController::class, 'leave'])->name('vessels.leave');
    Route::get('/settings/jobs', [JobSheetController::class, 'index'])->name('jobs');
    Route::get('/settings/jobs/{taskType}', [JobSheetController::class, 'show'])->name('jobs.show');
    Route::put('/settings/jobs/{taskType}', [JobSheetController::class, 'update'])->name('jobs.update');
    Route::get('/sites/{site}/jobs', [JobSheetController::class, 'ofSite'])->name('sites.jobs');
    Route::post('/sites/{site}/jobs', [JobSheetController::class, 'differ'])->name('site-steps.store');
    Route::post('/site-steps/{siteStep}/archive', [JobSheetController::class, 'asElsewhere'])->name(
        'site-steps.archive',
    );
    Route::post('/settings/products/{product}/archive', [ProductController::class, 'archive'])->name(
        'products.archive',
    );
    Route::get('/settings/mail', MailCatcherController::class)->name('mail');
    Route::get('/settings/audit', AuditController::class)->name('audit');

    Route::get('/places', [ClientController::class, 'index'])->name('places');
    Route::post('/clients', [ClientController::class, 'store'])->name('clients.store');
    Route::get('/clients/{client}', [ClientController::class, 'show'])->name('clients.show');
    Route::put('/clients/{client}', [ClientController::class, 'update'])->name('clients.update');
    Route::post('/clients/{client}/archive', [ClientController::class, 'archive'])->name('clients.archive');
    Route::get('/clients/{client}/data', [ClientDataController::class, 'show'])->name('clients.data');
    Route::post('/clients/{client}/data', [ClientDataController::class, 'export'])->name('clients.export');
    Route::get('/clients/{client}/data/{export}', [ClientDataController::class, 'download'])->name('clients.download');
    Route::post('/clients/{client}/erase', [ClientDataController::class, 'erase'])->name('clients.erase');
    Route::post('/clients/{client}/contacts', [ContactController::class, 'store'])->name('contacts.store');
    Route::put('/contacts/{contact}', [ContactController::class, 'update'])->name('contacts.update');
    Route::post('/contacts/{contact}/archive', [ContactController::class, 'archive'])->name('contacts.archive');
    Route::post('/clients/{client}/sites', [SiteController::class, 'store'])->name('sites.store');
    Route::get('/sites/{site}', [SiteController::class, 'show'])->name('sites.show');
    Route::get('/sites/{site}/survey.pdf', SurveyPaperController::class)->name('sites.survey');
    Route::put('/sites/{site}', [SiteController::class, 'update'])->name('sites.update');
    Route::post('/sites/{site}/archive', [SiteController::class, 'archive'])->name('sites.archive');
    Route::get('/sites/{site}/systems', SideBySideController::class)->name('sites.systems');
    Route::post('/sites/{site}/rooms', [RoomController::class, 'store'])->name('rooms.store');
    Route::put('/rooms/{room}', [RoomController::class, 'update'])->name('rooms.update');
    Route::post('/rooms/{room}/archive', [RoomController::class, 'archive'])->name('rooms.archive');
    Route::put('/sites/{site}/enquiry', [EnquiryController::class, 'update'])->name('sites.enquiry');
    Route::put('/sites/{site}/passages', [PassageController::class, 'update'])->name('passages.update');
    Route::post('/sites/{site}/codes', [SiteCodeController::class, 'store'])->name('codes.store');
    Route::post('/codes/{code}/reveal', [SiteCodeController::class, 'reveal'])
        ->middleware('throttle:door-code')
        ->name('codes.reveal');
    Route::post('/codes/{code}/archive', [SiteCodeController::class, 'archive'])->name('codes.archive');

    Route::post('/sites/{site}/attachments', [AttachmentController::class, 'storeForSite'])->name(
        'sites.attachments.store',
    );
    Route::post('/systems/{system}/attachments', SystemAttachmentController::class)->name('systems.attachments.store');
    Route::get('/attachments/{attachment}', [AttachmentController::class, 'show'])->name('attachments.show');
    Route::post('/attachments/{attachment}/archive', [AttachmentController::class, 'archive'])->name(
        'attachments.archive',
    );

    Route::get('/plans', [PlanController::class, 'index'])->name('plans');
    Route::post('/sites/{site}/plans', [PlanController::class, 'store'])->name('plans.store');
    Route::post('/moves/{move}/photos', [MoveController::class, 'photo'])->name('moves.photos');
    Route::get('/systems/{system}/stock', [AnimalController::class, 'index'])->name('systems.stock');
    Route::post('/systems/{system}/animals', [AnimalController::class, 'store'])->name('animals.store');
    Route::put('/animals/{animal}', [AnimalController::class, 'update'])->name('animals.update');
    Route::post('/animals/{animal}/places', [AnimalController::class, 'place'])->name('animals.place');
    Route::post('/animals/{animal}/transfer', [AnimalController::class, 'transfer'])->name('animals.transfer');
    Route::post('/animals/{animal}/out', [AnimalController::class, 'out'])->name('animals.out');
    Route::get('/systems/{system}/works', [WorkController::class, 'ofSystem'])->name('systems.works');
    Route::post('/systems/{system}/works', [WorkController::class, 'store'])->name('works.store');
    Route::get('/works/{work}', [WorkController::class, 'show'])->name('works.show');
    Route::post('/works/{work}/marks', [WorkController::class, 'mark'])->name('works.marks.store');
    Route::post('/works/{work}/exchange', [WorkController::class, 'exchange'])->name('works.exchange');
    Route::post('/works/{work}/end', [WorkController::class, 'end'])->name('works.end');
    Route::post('/work-marks/{mark}/take-back', [WorkController::class, 'takeBack'])->name('works.marks.take-back');
    Route::post('/systems/{system}/refits', [PlanController::class, 'refit'])->name('plans.refit');
    Route::get('/plans/{plan}', [PlanController::class, 'show'])->name('plans.show');
    Route::put('/plans/{plan}', [PlanController::class, 'update'])->name('plans.update');
    Route::post('/plans/{plan}/since', [PlanController::class, 'decide'])->name('plans.since');
    Route::post('/plans/{plan}/archive', [PlanController::class, 'archive'])->name('plans.archive');
    Route::post('/plans/{plan}/draft', [PlanDraftController::class, 'store'])->name('plans.draft');
    Route::get('/plans/{plan}/compare', [PlanVersionController::class, 'compare'])->name('plans.compare');
    Route::post('/plans/{plan}/versions', [PlanVersionController::class, 'store'])->name('versions.store');
    Route::get('/plan-versions/{version}', [PlanVersionController::class, 'show'])->name('versions.show');
    Route::post('/plan-versions/{version}/accept', [PlanVersionController::class, 'accept'])->name('versions.accept');
    Route::post('/plan-versions/{version}/waivers', [WaiverController::class, 'store'])->name('waivers.store');
    Route::post('/plan-versions/{version}/orders', [OrderController::class, 'store'])->name('orders.store');
    Route::post('/orders/{order}/receive', [OrderController::class, 'receive'])->name('orders.receive');
    Route::post('/orders/{order}/remove', [OrderController::class, 'remove'])->name('orders.remove');
    Route::post('/plan-versions/{version}/consents', [ConsentController::class, 'store'])->name('consents.store');
    Route::post('/consents/{consent}/give', [ConsentController::class, 'give'])->name('consents.give');
    Route::post('/consents/{consent}/remove', [ConsentController::class, 'remove'])->name('consents.remove');
    Route::post('/plan-versions/{version}/stages/{stage}', [StageController::class, 'store'])->name('stages.pass');
    Route::post('/plan-versions/{version}/stages/{stage}/reopen', [StageController::class, 'reopen'])->name(
        'stages.reopen',
    );
    Route::get('/plan-versions/{version}/sheet.pdf', PlanSheetController::class)->name('versions.sheet');

    Route::get('/plan-versions/{version}/holes.pdf', HoleTemplateController::class)->name('versions.holes');
    Route::get('/plan-versions/{version}/sheets/{trade}.pdf', TradeSheetController::class)->name('versions.trade');
    Route::get('/plan-versions/{version}/quote.pdf', QuoteController::class)->name('versions.quote');
    Route::get('/sites/{site}/options', OptionsController::class)->name('sites.options');
    Route::post('/plan-versions/{version}/risks', [AcceptedRiskController::class, 'store'])->name('versions.risks');
    Route::put('/plan-versions/{version}/stages/{stage}/firm', [StageFirmController::class, 'update'])->name(
        'stages.firm',
    );
    Route::put('/plan-versions/{version}/stages/{stage}/tools', [StageToolController::class, 'update'])->name(
        'stages.tools',
    );
    Route::post('/plan-versions/{version}/stages/{stage}/missed', [StageToolController::class, 'missed'])->name(
        'stages.missed',
    );
    Route::post('/plan-versions/{version}/stages/{stage}/carry', [StageToolController::class, 'carry'])->name(
        'stages.carry',
    );
    Route::post('/plan-versions/{version}/joints', [JointLookController::class, 'store'])->name('versions.joints');
    Route::get('/settings/house', [HouseLimitController::class, 'index'])->name('house');
    Route::put('/settings/house/{limit}', [HouseLimitController::class, 'update'])->name('house.update');
    Route::get('/settings/lamps', [LampTypeController::class, 'index'])->name('lamps');
    Route::post('/settings/lamps', [LampTypeController::class, 'store'])->name('lamps.store');
    Route::get('/settings/lamps.csv', [LampTypeController::class, 'csv'])->name('lamps.csv');
    Route::post('/settings/lamps/import', [LampTypeController::class, 'import'])->name('lamps.import');
    Route::post('/settings/lamps/{lamp}/archive', [LampTypeController::class, 'archive'])->name('lamps.archive');
    Route::get('/settings/suppliers', [SupplierController::class, 'index'])->name('suppliers');
    Route::post('/settings/suppliers', [SupplierController::class, 'store'])->name('suppliers.store');
    Route::put('/settings/suppliers/{supplier}', [SupplierController::class, 'update'])->name('suppliers.update');
    Route::post('/settings/suppliers/{supplier}/archive', [SupplierController::class, 'archive'])->name(
        'suppliers.archive',
    );
    Route::get('/settings/prices', [PriceController::class, 'index'])->name('prices');
    Route::put('/settings/prices', [PriceController::class, 'update'])->name('prices.update');
    Route::get('/settings/prices.csv', [PriceController::class, 'csv'])->name('prices.csv');
    Route::post('/settings/prices/import', [PriceController::class, 'import'])->name('prices.import');

    Route::get('/moves', [MoveController::class, 'index'])->name('moves');
    Route::post('/moves', [MoveController::class, 'store'])->name('moves.store');
    Route::post('/moves/kit', [KitController::class, 'store'])->name('kit.store');
    Route::post('/moves/kit/{line}/archive', [KitController::class, 'archive'])->name('kit.archive');
    Route::get('/moves/{move}', [MoveController::class, 'show'])->name('moves.show');
    Route::put('/moves/{move}', [MoveController::class, 'update'])->name('moves.update');
    Route::post('/moves/{move}/holding', [HoldingController::class, 'fill'])->name('moves.holding');
    Route::post('/moves/{move}/holding/empty', [HoldingController::class, 'empty'])->name('moves.holding.empty');
    Route::get('/moves/{move}/plan', [MoveController::class, 'plan'])->name('moves.plan');
    Route::get('/moves/{move}/go', [MoveController::class, 'go'])->name('moves.go');
    Route::get('/moves/{move}/papers', [MoveController::class, 'papers'])->name('moves.papers');
    Route::put('/moves/{move}/head', [MoveController::class, 'head'])->name('moves.head');
    Route::post('/moves/{move}/entries', [MoveController::class, 'entries'])->name('moves.entries');
    Route::post('/moves/{move}/close', [MoveController::class, 'close'])->name('moves.close');
    Route::post('/moves/{move}/archive', [MoveController::class, 'archive'])->name('moves.archive');

    Route::get('/control', [ControlController::class, 'index'])->name('control');
    Route::post('/sites/{site}/controllers', [ControlController::class, 'store'])->name('controllers.store');
    Route::get('/control/{controller}', [ControlController::class, 'show'])->name('controllers.show');
    Route::put('/control/{controller}', [ControlController::class, 'draft'])->name('controllers.draft');
    Route::post('/control/{controller}/activate', [ControlController::class, 'activate'])->name('controllers.activate');
    Route::post('/control/{controller}/discard', [ControlController::class, 'discard'])->name('controllers.discard');
    Route::post('/control/{controller}/archive', [ControlController::class, 'archive'])->name('controllers.archive');
    Route::post('/control/{controller}/strips', [SupplyController::class, 'strip'])->name('strips.store');
    Route::put('/strips/{strip}', [SupplyController::class, 'updateStrip'])->name('strips.update');
    Route::post('/sites/{site}/circuits', [SupplyController::class, 'circuit'])->name('circuits.store');
    Route::put('/circuits/{circuit}', [SupplyController::class, 'updateCircuit'])->name('circuits.update');
    Route::post('/circuits/{circuit}/confirm', [SupplyController::class, 'confirmCircuit'])->name('circuits.confirm');
    Route::put('/outlets/{outlet}', [SupplyController::class, 'updateOutlet'])->name('outlets.update');
    Route::post('/outlets/{outlet}/confirm', [SupplyController::class, 'confirm'])->name('outlets.confirm');
    Route::post('/control/{controller}/sensors', [SensorController::class, 'store'])->name('sensors.store');
    Route::put('/sensors/{sensor}', [SensorController::class, 'update'])->name('sensors.update');
    Route::post('/sensors/{sensor}/archive', [SensorController::class, 'archive'])->name('sensors.archive');
    Route::post('/control/{controller}/standards', [StandardController::class, 'store'])->name('standards.store');
    Route::post('/control/{controller}/standards/{standard}', [StandardController::class, 'take'])->name('standards.take');
    Route::post('/standards/{standard}/archive', [StandardController::class, 'archive'])->name('standards.archive');
    Route::get('/control/{controller}/break', [TrialRunController::class, 'show'])->name('controllers.break');
    Route::post('/control/{controller}/break', [TrialRunController::class, 'play'])->name('controllers.play');
    Route::get('/control/{controller}/by-hand.pdf', [ControlPaperController::class, 'byHand'])->name('controllers.by-hand');
    Route::get('/control/{controller}/labels', [ControlPaperController::class, 'labels'])->name('controllers.labels');
    Route::get('/control/{controller}/set-up.json', [ControlPaperController::class, 'json'])->name('controllers.json');
    Route::post('/control/{controller}/set-up', [ControlPaperController::class, 'read'])->name('controllers.read');
    Route::post('/control/{controller}/alarms', [ControlAlarmController::class, 'store'])->name('controllers.alarms');
    Route::post('/control/{controller}/devices', [DeviceController::class, 'store'])->name('devices.store');
    Route::post('/control/{controller}/log', ControlLogController::class)->name('controllers.log');
    Route::post('/control/{controller}/orders', [OutletOrderController::class, 'store'])->name('outlet-orders.store');
    Route::post('/outlet-orders/{outletOrder}/end', [OutletOrderController::class, 'end'])->name('outlet-orders.end');
    Route::post('/devices/{device}/revoke', [DeviceController::class, 'revoke'])->name('devices.revoke');
    Route::post('/devices/{device}/take-back', [DeviceController::class, 'takeBack'])->name('devices.take-back');
    Route::put('/devices/{device}/breaks', [DeviceController::class, 'breaks'])->name('devices.breaks');
    Route::get('/alarms', [LiveController::class, 'index'])->name('alarms.live');
    Route::post('/alarm-events/{event}/acknowledge', [LiveController::class, 'acknowledge'])->name('alarm-events.acknowledge');
    Route::get('/systems', [SystemController::class, 'index'])->name('systems');
    Route::post('/sites/{site}/systems', [SystemController::class, 'store'])->name('systems.store');
    Route::get('/systems/{system}/handover.pdf', HandoverController::class)->name('systems.handover');
    Route::get('/systems/{system}', SectionTab::class)->name('systems.show');
    Route::get('/systems/{system}/register', RegisterTab::class)->name('systems.register');
    Route::get('/systems/{system}/readings', ReadingsTab::class)->name('systems.readings');
    Route::get('/systems/{system}/regime', RegimeTab::class)->name('systems.regime');
    Route::get('/systems/{system}/log', LogTab::class)->name('systems.log');
    Route::get('/systems/{system}/papers', PapersTab::class)->name('systems.papers');
    Route::post('/systems/{system}/materials', [MaterialController::class, 'store'])->name('materials.store');
    Route::post('/materials/{material}/archive', [MaterialController::class, 'archive'])->name('materials.archive');
    Route::put('/systems/{system}', [SystemController::class, 'update'])->name('systems.update');
    Route::put('/systems/{system}/facts', SystemFactsController::class)->name('systems.facts');
    Route::post('/systems/{system}/archive', [SystemController::class, 'archive'])->name('systems.archive');
    Route::post('/systems/{system}/readings', [ReadingController::class, 'store'])->name('readings.store');
    Route::post('/readings/{reading}/mark', [ReadingController::class, 'mark'])->name('readings.mark');
    Route::put('/systems/{system}/bands/{parameter}', [BandController::class, 'update'])->name('bands.update');
    Route::post('/systems/{system}/bands/copy', [BandController::class, 'copy'])->name('bands.copy');
    Route::post('/systems/{system}/products', [ProductController::class, 'use'])->name('products.use');
    Route::post('/systems/{system}/products/{product}/stop', [ProductController::class, 'stop'])->name('products.stop');
    Route::post('/systems/{system}/notes', [StandingNoteController::class, 'store'])->name('notes.store');
    Route::post('/notes/{note}/archive', [StandingNoteController::class, 'archive'])->name('notes.archive');
    Route::post('/systems/{system}/log', [LogController::class, 'store'])->name('log.store');
    Route::post('/systems/{system}/items', [ItemController::class, 'store'])->name('items.store');
    Route::post('/items/{item}/settings', [SettingController::class, 'store'])->name('items.settings');
    Route::get('/systems/{system}/settings.pdf', [SettingController::class, 'sheet'])->name('systems.settings');
    Route::put('/items/{item}', [ItemController::class, 'update'])->name('items.update');
    Route::post('/items/{item}/dosing-flow', [ItemController::class, 'dosingFlow'])->name('items.dosing-flow');
    Route::post('/items/{item}/attachments', [SystemAttachmentController::class, 'ofItem'])->name(
        'items.attachments.store',
    );
    Route::get('/systems/{system}/sums/{sum?}', [SumController::class, 'show'])
        ->where('sum', '[a-z-]+')
        ->name('sums');
    Route::get('/systems/{system}/readings.csv', [ApiController::class, 'readingsCsv'])->name('readings.csv');
    Route::get('/systems/{system}/risk', [RiskController::class, 'show'])->name('systems.risk');
    Route::put('/systems/{system}/life', [RiskController::class, 'life'])->name('systems.life');
    Route::post('/systems/{system}/alarms', [AlarmController::class, 'store'])->name('alarms.store');
    Route::get('/systems/{system}/tasks', [TaskController::class, 'index'])->name('systems.tasks');
    Route::post('/systems/{system}/tasks', [TaskController::class, 'store'])->name('tasks.store');
    Route::post('/systems/{system}/follow-ups', [TaskController::class, 'followUp'])->name('follow-ups.store');
    Route::post('/systems/{system}/isolate', [TaskController::class, 'isolate'])->name('systems.isolate');
    Route::post('/systems/{system}/volume', [SumController::class, 'keepVolume'])->name('systems.volume');
    Route::post('/ripples/{ripple}/confirm', RippleController::class)->name('ripples.confirm');
    Route::post('/items/{item}/state', [ItemController::class, 'state'])->name('items.state');
    Route::post('/items/{item}/retire', [ItemController::class, 'retire'])->name('items.retire');

    Route::put('/systems/{system}/worth', [RiskController::class, 'worth'])->name('systems.worth');
    Route::post('/items/{item}/limit-reached', [ItemController::class, 'limitReached'])->name('items.limit-reached');
    Route::get('/items/{item}/lenders', LenderController::class)->name('items.lenders');
    Route::get('/systems/{system}/risk/single', [SingleController::class, 'show'])->name('systems.single');
    Route::get('/systems/{system}/risk/measures', [MeasureController::class, 'show'])->name('systems.measures');
    Route::post('/systems/{system}/risk/offers', [MeasureController::class, 'sign'])->name('systems.offers');
    Route::get('/systems/{system}/risk/offer.pdf', [MeasureController::class, 'offer'])->name('systems.offer');
    Route::post('/systems/{system}/proofs', [ProofController::class, 'store'])->name('proofs.store');
    Route::post('/systems/{system}/people', [ProofController::class, 'answer'])->name('people-answers.store');
    Route::get('/settings/rates', [RateController::class, 'index'])->name('rates');
    Route::put('/settings/rates', [RateController::class, 'update'])->name('rates.update');
    Route::put('/settings/measures', [MeasureController::class, 'prices'])->name('measures.prices');
    Route::get('/risk/year', FleetYearController::class)->name('risk.year');
    Route::get('/risk/storm', [StormController::class, 'show'])->name('risk.storm');
    Route::post('/risk/events', [AreaEventController::class, 'store'])->name('area-events.store');
    Route::post('/risk/events/{areaEvent}/jobs', [AreaEventController::class, 'jobs'])->name('area-events.jobs');
    Route::post('/risk/events/{areaEvent}/call-off', [AreaEventController::class, 'callOff'])->name('area-events.call-off');
    Route::get('/sites/{site}/ready', [ReadyController::class, 'show'])->name('sites.ready');
    Route::post('/sites/{site}/remote', [RemoteAccessController::class, 'store'])->name('remote.store');
    Route::post('/remote/{remoteAccess}/withdraw', [RemoteAccessController::class, 'withdraw'])->name('remote.withdraw');
    Route::post('/remote/{remoteAccess}/acts', RemoteActController::class)->name('remote.act');
    Route::post('/sites/{site}/shut-offs', [ReadyController::class, 'shutOff'])->name('shut-offs.store');
    Route::get('/sites/{site}/household.pdf', [ReadyController::class, 'household'])->name('sites.household');
    Route::get('/sites/{site}/emergency.pdf', [ReadyController::class, 'sheet'])->name('sites.emergency');
    Route::post('/systems/{system}/drills', DrillController::class)->name('systems.drills');
    Route::get('/incidents', [IncidentController::class, 'index'])->name('incidents');
    Route::post('/systems/{system}/incidents', [IncidentController::class, 'store'])->name('incidents.store');
    Route::get('/incidents/{incident}', [IncidentController::class, 'show'])->name('incidents.show');
    Route::post('/incidents/{incident}/entries', [IncidentController::class, 'entries'])->name('incidents.entries');
    Route::post('/incidents/{incident}/close', [IncidentController::class, 'close'])->name('incidents.close');
    Route::get('/stores', [StoreController::class, 'index'])->name('stores');
    Route::get('/stores/reorder.csv', [StoreController::class, 'csv'])->name('stores.reorder');
    Route::get('/stores/reorder.pdf', [StoreController::class, 'pdf'])->name('stores.reorder-paper');
    Route::get('/stores/ready', DepotReadyController::class)->name('stores.ready');
    Route::post('/parts', [StoreController::class, 'store'])->name('parts.store');
    Route::put('/parts/{part}', [StoreController::class, 'update'])->name('parts.update');
    Route::post('/parts/{part}/archive', [StoreController::class, 'archive'])->name('parts.archive');
    Route::post('/parts/{part}/stocks', [StoreController::class, 'bring'])->name('stocks.store');
    Route::post('/stocks/{stock}/move', [StoreController::class, 'move'])->name('stocks.move');
    Route::post('/stocks/{stock}/use', [StoreController::class, 'useUp'])->name('stocks.use');
    Route::post('/stocks/{stock}/test', [StoreController::class, 'test'])->name('stocks.test');
    Route::post('/systems/{system}/loans', [LoanController::class, 'store'])->name('loans.store');
    Route::post('/loans/{loan}/settle', [LoanController::class, 'settle'])->name('loans.settle');
    Route::get('/risk', [RiskController::class, 'index'])->name('risk');
    Route::get('/risk/on-call.pdf', [RiskController::class, 'pdf'])->name('risk.pdf');
    Route::get('/risk/alarms', [AlarmLimitsController::class, 'index'])->name('risk.alarms');
    Route::put('/risk/alarms', [AlarmLimitsController::class, 'update'])->name('risk.alarms.update');
    Route::post('/risk/work-out', [FleetRunController::class, 'store'])->name('risk.work-out');
    Route::post('/risk/work-out/{fleetRun}/stop', [FleetRunController::class, 'stop'])->name('risk.work-out.stop');
    Route::put('/alarms/{alarm}', [AlarmController::class, 'update'])->name('alarms.update');
    Route::post('/alarms/{alarm}/test', [AlarmController::class, 'test'])->name('alarms.test');
    Route::post('/alarms/{alarm}/archive', [AlarmController::class, 'archive'])->name('alarms.archive');

    Route::get('/water', [WaterController::class, 'show'])->name('water');
    Route::post('/depots', [DepotController::class, 'store'])->name('depots.store');
    Route::post('/salt-mixes', [DepotController::class, 'mix'])->name('mixes.store');
    Route::put('/salt-mixes/{mix}', [DepotController::class, 'updateMix'])->name('mixes.update');
    Route::put('/depots/{depot}', [WaterController::class, 'station'])->name('depots.station');
    Route::post('/depots/{depot}/batches', [WaterController::class, 'mix'])->name('batches.store');
    Route::post('/depots/{depot}/bookings', [WaterController::class, 'book'])->name('bookings.store');
    Route::post('/batches/{batch}/measure', [WaterController::class, 'measure'])->name('batches.measure');
    Route::post('/batches/{batch}/draw', [WaterController::class, 'draw'])->name('batches.draw');

    Route::get('/rounds', [WeekController::class, 'show'])->name('rounds');
    Route::post('/rounds/propose', [WeekController::class, 'propose'])->name('rounds.propose');
    Route::post('/rounds/undo', [WeekController::class, 'undo'])->name('rounds.undo');
    Route::post('/rounds/accept', [WeekController::class, 'accept'])->name('rounds.accept');
    Route::post('/rounds/runs/{run}/stop', [WeekController::class, 'stop'])->name('rounds.stop');
    Route::post('/rounds/rescue', [WeekController::class, 'rescue'])->name('rounds.rescue');
    Route::post('/rounds/moves/{move}/told', [WeekController::class, 'told'])->name('rounds.told');
    Route::get('/rounds/sick', [SickController::class, 'show'])->name('rounds.sick');
    Route::post('/rounds/sick', [SickController::class, 'store'])->name('rounds.sick.store');
    Route::post('/sites/{site}/wishes', [WishController::class, 'store'])->name('wishes.store');
    Route::post('/sites/{site}/events', [SiteEventController::class, 'store'])->name('events.store');
    Route::post('/events/{event}/archive', [SiteEventController::class, 'archive'])->name('events.archive');
    Route::post('/systems/{system}/charges', [ChargeController::class, 'store'])->name('charges.store');
    Route::post('/materials/{material}/exchange', [ChargeController::class, 'exchange'])->name('charges.exchange');
    Route::post('/disturbed/{disturbed}/end', [DisturbedController::class, 'end'])->name('disturbed.end');
    Route::post('/visits/{visit}/told', [DisturbedController::class, 'told'])->name('visits.told');
    Route::post('/wishes/{wish}/release', [WishController::class, 'release'])->name('wishes.release');
    Route::post('/systems/{system}/call-out', CallOutController::class)->name('call-out');
    Route::get('/rounds/due', DueController::class)->name('rounds.due');
    Route::get('/rounds/crews', [CrewController::class, 'index'])->name('crews');
    Route::post('/rounds/crews', [CrewController::class, 'store'])->name('crews.store');
    Route::post('/rounds/crews/{crew}/end', [CrewController::class, 'end'])->name('crews.end');
    Route::post('/rounds/vehicles', [CrewController::class, 'vehicle'])->name('vehicles.store');
    Route::get('/rounds/roster', [RosterController::class, 'show'])->name('roster');
    Route::post('/rounds/roster/on-call', [RosterController::class, 'onCall'])->name('roster.on-call');
    Route::post('/rounds/roster/absence', [RosterController::class, 'absence'])->name('roster.absence');
    Route::post('/rounds/roster/holiday', [RosterController::class, 'holiday'])->name('roster.holiday');
    Route::delete('/rounds/roster/{kind}/{id}', [RosterController::class, 'remove'])
        ->whereIn('kind', ['on-call', 'absence', 'holiday'])
        ->whereNumber('id')
        ->name('roster.remove');
    Route::get('/rounds/feeds', [FeedController::class, 'index'])->name('feeds');
    Route::post('/rounds/feeds', [FeedController::class, 'store'])->name('feeds.store');
    Route::post('/rounds/feeds/{feed}/revoke', [FeedController::class, 'revoke'])->name('feeds.revoke');
    Route::get('/rounds/visits.csv', [ApiController::class, 'visitsCsv'])->name('visits.csv');
    Route::put('/tasks/{task}', [TaskController::class, 'update'])->name('tasks.update');
    Route::post('/tasks/{task}/ride', [TaskController::class, 'ride'])->name('tasks.ride');
    Route::post('/tasks/{task}/suspend', [TaskController::class, 'suspend'])->name('tasks.suspend');
    Route::post('/tasks/{task}/end', [TaskController::class, 'end'])->name('tasks.end');
    Route::post('/follow-ups/{followUp}/done', [TaskController::class, 'followUpDone'])->name('follow-ups.done');
    Route::post('/offs/{off}/on', [TaskController::class, 'on'])->name('offs.on');

    Route::get('/visits/{visit}', [VisitController::class, 'show'])->name('visits.show');
    Route::post('/visits/{visit}/entries', [VisitController::class, 'entries'])->name('visits.entries');
    Route::post('/visits/{visit}/photos', [VisitController::class, 'photo'])->name('visits.photos');
    Route::post('/visits/{visit}/consequence', [WeekController::class, 'consequence'])
        ->middleware('leaves-session:always')
        ->name('visits.consequence');
    Route::post('/visits/{visit}/move', [WeekController::class, 'move'])->name('visits.move');
    Route::post('/visits/{visit}/take-off', [WeekController::class, 'takeOff'])->name('visits.take-off');
    Route::post('/visits/{visit}/pin', [WeekController::class, 'pin'])->name('visits.pin');
    Route::post('/visits/{visit}/release', [WeekController::class, 'release'])->name('visits.release');
    Route::post('/visits/{visit}/jobs', [VisitJobController::class, 'store'])->name('visits.jobs.store');

    Route::get('/reports', [ReportController::class, 'index'])->name('reports');
    Route::get('/reports/{report}', [ReportController::class, 'show'])->name('reports.show');
    Route::put('/reports/{report}', [ReportController::class, 'update'])->name('reports.update');
    Route::post('/reports/{report}/send', [ReportController::class, 'send'])->name('reports.send');
    Route::post('/reports/{report}/again', [ReportController::class, 'again'])->name('reports.again');
    Route::post('/reports/{report}/notes', [ReportController::class, 'note'])->name('reports.note');
    Route::get('/reports/{report}/report.pdf', [ReportController::class, 'pdf'])->name('reports.pdf');
    Route::get('/reports/{report}/photo', [ReportController::class, 'photo'])->name('reports.photo');

    Route::get('/settings/tokens', [TokenController::class, 'index'])->name('tokens');
    Route::post('/settings/tokens', [TokenController::class, 'store'])
        ->middleware('throttle:token')
        ->name('tokens.store');
    Route::post('/settings/tokens/{token}/revoke', [TokenController::class, 'revoke'])
        ->whereNumber('token')
        ->name('tokens.revoke');
    Route::get('/settings/api', [TokenController::class, 'page'])->name('api.page');
    Route::put('/settings/people/{user}', [PeopleController::class, 'update'])->name('people.update');
});
