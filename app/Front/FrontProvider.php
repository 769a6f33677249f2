<?php

declare(strict_types=1);

namespace App\Front;

use App\Alerts\AlarmsOfController;
use App\Alerts\Live\Expected;
use App\Alerts\Live\Gateway;
use App\Alerts\Live\SimulatedGateway;
use App\Alerts\Live\WatchRows;
use App\Build\BuiltFromPlan;
use App\Build\CarriesOver;
use App\Build\Plan;
use App\Build\PlansOfSite;
use App\Clients\DoorKeeper;
use App\Clients\HouseholdLeaves;
use App\Clients\Site;
use App\Clients\SiteContents;
use App\Control\HelpNear;
use App\Control\Link\RowsStored;
use App\Control\Link\StartedAnew;
use App\Control\Orders\OrderOver;
use App\Control\Orders\OrderOverdue;
use App\Control\Orders\OrderTaken;
use App\Control\PlugsOfPlan;
use App\Control\PlugWords;
use App\Control\Watches;
use App\Emergency\ReviewedFailures;
use App\House\Database\OneTryConnection;
use App\House\Database\OneTryConnector;
use App\House\HouseValidator;
use App\Moves\Works\WorksFollow;
use App\Reports\DraftReport;
use App\Risk\HelpTonight;
use App\Risk\NextLook;
use App\Risk\SeenFailures;
use App\Risk\StaleRisk;
use App\Risk\WithinReach;
use App\Rounds\AsksRemoteBack;
use App\Rounds\AssignedDoors;
use App\Rounds\AssignedSystems;
use App\Rounds\ConfirmedAtVisit;
use App\Rounds\DueByCondition;
use App\Rounds\ExpectedNow;
use App\Rounds\LookAtLine;
use App\Rounds\LookAtVessel;
use App\Rounds\LookBefore;
use App\Rounds\OffByOrder;
use App\Rounds\OffNow;
use App\Rounds\ProofsOfDevice;
use App\Rounds\ProvedAtVisit;
use App\Rounds\ReplaceRetired;
use App\Rounds\StageLeftOver;
use App\Rounds\TakesCalendarsBack;
use App\Rounds\VanStock;
use App\Rounds\VerifyAfterStart;
use App\Rounds\VisitClosed;
use App\Rounds\WaterDemand;
use App\Stores\BuyTwo;
use App\Stores\KitsOnShelves;
use App\Stores\PartUsed;
use App\Stores\Shelves;
use App\Stores\VanShelves;
use App\Systems\Assignments;
use App\Systems\DeviceAdded;
use App\Systems\DeviceRetired;
use App\Systems\ItemKept;
use App\Systems\Kits;
use App\Systems\MaterialKept;
use App\Systems\MixWater;
use App\Systems\OffDevices;
use App\Systems\Parameters;
use App\Systems\ReadingKept;
use App\Systems\RippleConfirmed;
use App\Systems\RunLimitReached;
use App\Systems\System;
use App\Systems\SystemsOfSite;
use App\Systems\VesselJoined;
use App\Team\AccessEnded;
use App\Team\CatcherTransport;
use App\Team\Http\StillLetIn;
use App\Team\NotGuessed;
use App\Team\User;
use App\Water\Demand;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;
use Laravel\Sanctum\PersonalAccessToken;
use Laravel\Sanctum\Sanctum;

/** What holds for the whole house: clock, strict models, throttles, mail. */
final class FrontProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.mariadb', OneTryConnector::class);
        Connection::resolverFor('mariadb', fn (...$of): OneTryConnection => new OneTryConnection(...$of));
    }

    public function boot(): void
    {
        $this->app->scoped(Parameters::class);
        $this->app->scoped(MixWater::class);
        $this->app->singleton(Assignments::class, AssignedSystems::class);
        $this->app->singleton(DoorKeeper::class, AssignedDoors::class);
        $this->app->singleton(NextLook::class, AssignedDoors::class);
        $this->app->singleton(CarriesOver::class, StageLeftOver::class);
        $this->app->singleton(Demand::class, WaterDemand::class);
        $this->app->singleton(OffDevices::class, OffNow::class);
        $this->app->singleton(Watches::class, AlarmsOfController::class);
        $this->app->singleton(HelpNear::class, HelpTonight::class);
        $this->app->scoped(WithinReach::class, Shelves::class);
        $this->app->singleton(SeenFailures::class, ReviewedFailures::class);
        $this->app->singleton(VanStock::class, VanShelves::class);
        $this->app->singleton(Kits::class, KitsOnShelves::class);
        $this->app->singleton(Expected::class, ExpectedNow::class);
        $this->app->bind(Gateway::class, SimulatedGateway::class);
        Event::listen(VisitClosed::class, DraftReport::class);
        Event::listen(VisitClosed::class, ProvedAtVisit::class);
        Event::listen(AccessEnded::class, TakesCalendarsBack::class);
        Event::listen(AccessEnded::class, AsksRemoteBack::class);
        Event::listen(RunLimitReached::class, LookAtLine::class);
        Event::listen(OrderTaken::class, [OffByOrder::class, 'taken']);
        Event::listen(OrderOver::class, [OffByOrder::class, 'over']);
        Event::listen(OrderOverdue::class, [OffByOrder::class, 'overdue']);
        Event::listen(DeviceAdded::class, ProofsOfDevice::class);
        Event::listen(VisitClosed::class, ConfirmedAtVisit::class);
        Event::listen(HouseholdLeaves::class, LookBefore::class);
        Event::listen(DeviceRetired::class, ReplaceRetired::class);
        Event::listen(VesselJoined::class, LookAtVessel::class);
        Event::listen([VesselJoined::class, RippleConfirmed::class], WorksFollow::class);
        Event::listen(BuiltFromPlan::class, PlugsOfPlan::class);
        Event::listen(ItemKept::class, PlugWords::class);
        Event::listen(RowsStored::class, WatchRows::class);
        Event::listen(StartedAnew::class, VerifyAfterStart::class);
        Event::listen([ReadingKept::class, MaterialKept::class], DueByCondition::class);
        Event::listen(PartUsed::class, BuyTwo::class);
        StaleRisk::watch();
        Shelves::watch();
        $this->app->tag([SystemsOfSite::class, PlansOfSite::class], SiteContents::TAG);
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict(! $this->app->isProduction());
        Relation::enforceMorphMap(
            ['site' => Site::class, 'system' => System::class, 'plan' => Plan::class, 'user' => User::class] +
                self::audited(),
        );
        Validator::resolver(fn (...$of): HouseValidator => new HouseValidator(...$of));
        Password::defaults(fn (): Password => Password::min(12)->rules([new NotGuessed()]));
        // A link in a mail comes from the configured address, whatever name the request was sent to.
        ResetPassword::createUrlUsing(
            fn (User $user, string $token): string => rtrim(config()->string('app.url'), '/').
                "/reset-password/{$token}?".http_build_query(['email' => $user->email]),
        );
        Mail::extend('catcher', fn (): CatcherTransport => new CatcherTransport());
        Throttles::register();
        Event::listen(Looping::class, fn () => Health::workerBeats());
        // Who may not sign in may not ask either.
        Sanctum::authenticateAccessTokensUsing(
            fn (PersonalAccessToken $token, bool $valid): bool => $valid &&
                $token->tokenable instanceof User &&
                StillLetIn::isLetIn($token->tokenable),
        );
    }

    /** @return array<string, class-string<Model>> */
    private static function audited(): array
    {
        return [
            'client' => \App\Clients\Client::class,
            'client_export' => \App\Clients\Data\ClientExport::class,
            'contact' => \App\Clients\Contact::class,
            'room' => \App\Clients\Room::class,
            'passage' => \App\Clients\Passage::class,
            'site_code' => \App\Clients\SiteCode::class,
            'attachment' => \App\Clients\Attachment::class,
            'plan_version' => \App\Build\PlanVersion::class,
            'waiver' => \App\Build\Waiver::class,
            'order' => \App\Build\Order::class,
            'supplier' => \App\Build\Supplier::class,
            'material' => \App\Systems\Material::class,
            'consent' => \App\Build\Consent::class,
            'passed_stage' => \App\Build\PassedStage::class,
            'price' => \App\Build\Price::class,
            'lamp_type' => \App\Build\LampType::class,
            'stage_tool' => \App\Build\StageTool::class,
            'joint_look' => \App\Build\JointLook::class,
            'stage_firm' => \App\Build\StageFirm::class,
            'accepted_risk' => \App\Build\AcceptedRisk::class,
            'vessel' => \App\Systems\Vessel::class,
            'item' => \App\Systems\Item::class,
            'item_setting' => \App\Systems\ItemSetting::class,
            'animal' => \App\Systems\Stock\Animal::class,
            'animal_place' => \App\Systems\Stock\AnimalPlace::class,
            'animal_transfer' => \App\Systems\Stock\AnimalTransfer::class,
            'work' => \App\Moves\Works\Work::class,
            'work_mark' => \App\Moves\Works\WorkMark::class,
            'house_limit' => \App\Systems\HouseLimit::class,
            'own_parameter' => \App\Systems\OwnParameter::class,
            'band' => \App\Systems\Band::class,
            'standing_note' => \App\Systems\StandingNote::class,
            'log_entry' => \App\Systems\LogEntry::class,
            'reading' => \App\Systems\Reading::class,
            'product' => \App\Systems\Product::class,
            'company_rule' => \App\Team\CompanyRule::class,
            'on_call' => \App\Team\OnCall::class,
            'absence' => \App\Team\Absence::class,
            'holiday' => \App\Team\Holiday::class,
            'circuit' => \App\Control\Circuit::class,
            'controller' => \App\Control\Controller::class,
            'strip' => \App\Control\Strip::class,
            'outlet' => \App\Control\Outlet::class,
            'sensor' => \App\Control\Sensor::class,
            'set_up' => \App\Control\SetUp::class,
            'standard_set_up' => \App\Control\StandardSetUp::class,
            'link_device' => \App\Control\Link\LinkDevice::class,
            'move' => \App\Moves\Move::class,
            'packing_line' => \App\Moves\Kit\OwnLine::class,
            'alarm' => \App\Alerts\Alarm::class,
            'alarm_call' => \App\Alerts\AlarmCall::class,
            'exposure' => \App\Risk\Exposure::class,
            'proof' => \App\Risk\Proof::class,
            'remote_access' => \App\Clients\RemoteAccess::class,
            'area_event' => \App\Emergency\AreaEvent::class,
            'signed_offer' => \App\Risk\SignedOffer::class,
            'people_answer' => \App\Risk\PeopleAnswer::class,
            'risk_rate' => \App\Risk\RiskRate::class,
            'measure_price' => \App\Risk\MeasurePrice::class,
            'part' => \App\Stores\Part::class,
            'stock_place' => \App\Stores\StockPlace::class,
            'stock' => \App\Stores\Stock::class,
            'stock_move' => \App\Stores\StockMove::class,
            'loan' => \App\Stores\Loan::class,
            'shut_off' => \App\Emergency\ShutOff::class,
            'incident' => \App\Emergency\Incident::class,
            'salt_mix' => \App\Water\SaltMix::class,
            'depot' => \App\Water\Depot::class,
            'water_batch' => \App\Water\WaterBatch::class,
            'water_booking' => \App\Water\WaterBooking::class,
            'vehicle' => \App\Rounds\Vehicle::class,
            'crew' => \App\Rounds\Crew::class,
            'feed' => \App\Rounds\Feed::class,
            'task_type' => \App\Rounds\TaskType::class,
            'job_sheet' => \App\Rounds\JobSheetVersion::class,
            'trial' => \App\Rounds\Trial::class,
            'site_step' => \App\Rounds\SiteStep::class,
            'task' => \App\Rounds\Task::class,
            'site_wish' => \App\Rounds\SiteWish::class,
            'site_event' => \App\Rounds\SiteEvent::class,
            'disturbance' => \App\Rounds\Disturbed::class,
            'sand_profile' => \App\Rounds\SandProfile::class,
            'visit' => \App\Rounds\Visit::class,
            'visit_task' => \App\Rounds\VisitTask::class,
            'follow_up' => \App\Rounds\FollowUp::class,
            'off' => \App\Rounds\OffRecord::class,
            'outlet-order' => \App\Control\Orders\OutletOrder::class,
            'observation' => \App\Rounds\Observation::class,
            'visit_part' => \App\Rounds\VisitPart::class,
            'visit_entry' => \App\Rounds\VisitEntry::class,
            'report' => \App\Reports\Report::class,
            'report_note' => \App\Reports\ReportNote::class,
            'ripple' => \App\Systems\OpenRipple::class,
        ];
    }
}
