<?php

declare(strict_types=1);

namespace App\Build;

use App\House\Audited;
use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;

/** The firm in charge of a stage: what it does, whom to call, what it answers for (X-59). */
#[UsePolicy(StageFirmPolicy::class)]
final class StageFirm extends Model
{
    use Audited;

    protected $fillable = ['plan_version_id', 'stage', 'firm', 'scope', 'contact', 'liable'];
}
