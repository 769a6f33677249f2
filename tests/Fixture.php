<?php

declare(strict_types=1);

namespace Tests;

use App\Build\Plan;
use App\Clients\Site;
use App\Demo\Builds;
use App\Systems\System;
use App\Systems\SystemFacts;
use App\Systems\SystemStart;
use App\Team\User;

/** Records the tests share. */
final class Fixture
{
    /** @param  array<string, float|string>  $changed */
    public static function plan(Site $site, User $user, array $changed = [], string $build = 'standard'): Plan
    {
        $values = [...Builds::facts($build), ...$changed];

        return Plan::query()->create(['site_id' => $site->id, 'name' => 'Plan '.uniqid(), 'user_id' => $user->id, 'revision' => 1, 'draft' => ['values' => $values, 'bases' => [], 'chambers' => Builds::chambers($build)]]);
    }

    public static function system(Site $site, User $user, string $name = 'Reef', string $regime = 'natural'): System
    {
        $system = SystemStart::directly($site, ['name' => $name, 'kind' => 'mixed reef', 'regime' => $regime, 'started_precision' => 'day'], $user);
        SystemFacts::write($system, Builds::facts('standard'), [], Builds::chambers('standard'));

        return $system->refresh();
    }
}
