<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use App\House\Database\Row;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;

/** The firm in charge of a stage: what it does, whom to call, what it answers for (X-59). */
#[UsePolicy(StageFirmPolicy::class)]
final class StageFirm extends Row
{
    use Audited;

    protected $fillable = ['plan_version_id', 'stage', 'firm', 'scope', 'contact', 'liable'];
}
