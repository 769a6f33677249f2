<?php

declare(strict_types=1);

use App\Clients\Data\ClientExport;
use App\Control\Link\DayReadings;
use App\Control\Link\ThinRows;
use App\Front\Health;
use App\Front\Http\HandleInertiaRequests;
use App\Front\Http\LeavesSession;
use App\Front\Http\NoCookiesBeside;
use App\Front\Http\OnlyKnownHosts;
use App\Front\Http\ServerTiming;
use App\House\Http\AnswerErrors;
use App\House\Http\RoomOnDisk;
use App\House\Http\SaneInput;
use App\House\Http\SecondTry;
use App\House\Http\SecurityHeaders;
use App\House\Http\TellsTrail;
use App\House\SealTrail;
use App\Team\Http\NeedsSecondFactor;
use App\Team\Http\StillLetIn;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\CheckForAnyAbility;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        then: function (): void {
            Route::group([], __DIR__.'/../routes/feeds.php');
            Route::group([], __DIR__.'/../routes/link.php');
        },
    )
    ->withCommands([
        App\Team\Console\ListAccounts::class,
        App\Team\Console\MakeOwner::class,
        App\House\Console\GenerateTypes::class,
        App\Clients\Console\Rekey::class,
        App\House\Console\Manifest::class,
        App\House\Console\VerifyAudit::class,
        App\House\Console\CheckSchema::class,
        App\House\Console\CountTables::class,
        App\Build\Console\KeepAnswers::class,
        App\Rounds\Console\KeepLibrary::class,
        App\Demo\Console\MakeWorld::class,
        App\Risk\Console\WorkOutExposures::class,
        App\Risk\Console\WorkOutMeasures::class,
        App\Alerts\Console\TickCommand::class,
        App\Control\Console\RunControllers::class,
    ])
    ->withSchedule(function (Schedule $schedule): void {
        // By the hour, so that an evening the server slept through is made good when it wakes.
        $schedule->command('velbrin:exposures --night=all --due')->hourlyAt(5)->withoutOverlapping(120)->runInBackground();
        $schedule->call(Health::clockBeats(...))->name('clock')->everyMinute();
        $schedule->job(new SealTrail())->everyFiveMinutes();
        $schedule->call(ClientExport::endOld(...))->name('old-exports')->daily();
        $schedule->command('velbrin:measures')->dailyAt('01:10')->withoutOverlapping(120)->runInBackground();
        $schedule->job(new DayReadings())->dailyAt('02:40');
        $schedule->job(new ThinRows())->dailyAt('03:20');
        $schedule->command('queue:prune-batches --hours=48 --cancelled=48 --unfinished=48')->daily();
        $schedule->command('queue:prune-failed --hours=720')->daily();
        $schedule->command('sanctum:prune-expired --hours=24')->daily();
    })
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->append(OnlyKnownHosts::class);
        $middleware->web(
            prepend: [ServerTiming::class, RoomOnDisk::class, SecondTry::class, NoCookiesBeside::class],
            append: [
                SaneInput::class,
                StillLetIn::class,
                NeedsSecondFactor::class,
                LeavesSession::class,
                TellsTrail::class,
                SecurityHeaders::class,
                HandleInertiaRequests::class,
            ],
        );
        $middleware->api(prepend: [RoomOnDisk::class, SecondTry::class], append: [SaneInput::class, TellsTrail::class]);
        $middleware->alias(['ability' => CheckForAnyAbility::class, 'leaves-session' => LeavesSession::class]);
        $middleware->redirectGuestsTo(fn (Request $request): ?string => $request->is('api/*') ? null : '/sign-in');
        $middleware->redirectUsersTo('/');
        // Under https a proxy ends the encryption, usually on this machine.
        $isBehind = str_starts_with((string) env('APP_URL', ''), 'https:');
        $proxies = (string) env('TRUSTED_PROXIES', $isBehind ? '127.0.0.1,::1' : '');
        $middleware->trustProxies(at: $proxies === '' ? [] : explode(',', $proxies));
        // What a controller sends is judged as it was sent: its rows are no form that somebody typed.
        $isLink = fn (Request $request): bool => $request->is('api/v1/link/*');
        $middleware->trimStrings(except: [$isLink]);
        $middleware->convertEmptyStringsToNull(except: [$isLink]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        AnswerErrors::register($exceptions);
    })->create();
