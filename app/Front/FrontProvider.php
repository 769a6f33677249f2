<?php

declare(strict_types=1);

namespace App\Front;

use App\Build\Plan;
use App\Build\PlansOfSite;
use App\Clients\Site;
use App\Clients\SiteContents;
use App\Systems\Parameters;
use App\Systems\System;
use App\Systems\SystemsOfSite;
use App\Team\CatcherTransport;
use App\Team\User;
use Carbon\CarbonImmutable;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Illuminate\Validation\Rules\Password;

/** What holds for the whole house: clock, strict models, throttles, mail. */
final class FrontProvider extends ServiceProvider
{
    public function boot(): void
    {
        $this->app->scoped(Parameters::class);
        $this->app->tag([SystemsOfSite::class, PlansOfSite::class], SiteContents::TAG);
        Date::use(CarbonImmutable::class);
        Model::shouldBeStrict(! $this->app->isProduction());
        Relation::enforceMorphMap(['site' => Site::class, 'system' => System::class, 'plan' => Plan::class, 'user' => User::class] + self::audited());
        Password::defaults(fn (): Password => Password::min(12));
        Mail::extend('catcher', fn (): CatcherTransport => new CatcherTransport);
        // Five tries a minute for one name from one address, thirty for the address.
        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute(5)->by(mb_strtolower($request->string('email')->toString()).'|'.$request->ip()),
            Limit::perMinute(30)->by((string) $request->ip()),
        ]);
        RateLimiter::for('mail', fn (Request $request): Limit => Limit::perMinute(6)->by((string) $request->ip()));
    }

    /** @return array<string, class-string<Model>> */
    private static function audited(): array
    {
        return [
            'client' => \App\Clients\Client::class, 'contact' => \App\Clients\Contact::class, 'room' => \App\Clients\Room::class,
            'passage' => \App\Clients\Passage::class, 'site_code' => \App\Clients\SiteCode::class, 'attachment' => \App\Clients\Attachment::class,
            'plan_version' => \App\Build\PlanVersion::class, 'waiver' => \App\Build\Waiver::class, 'vessel' => \App\Systems\Vessel::class,
            'item' => \App\Systems\Item::class, 'own_parameter' => \App\Systems\OwnParameter::class, 'band' => \App\Systems\Band::class, 'standing_note' => \App\Systems\StandingNote::class,
            'log_entry' => \App\Systems\LogEntry::class, 'reading' => \App\Systems\Reading::class,
        ];
    }
}
