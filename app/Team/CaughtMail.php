<?php

declare(strict_types=1);

namespace App\Team;

use Illuminate\Database\Eloquent\Attributes\UsePolicy;
use Illuminate\Database\Eloquent\Model;

/** A mail the demo kept instead of sending. */
#[UsePolicy(CaughtMailPolicy::class)]
final class CaughtMail extends Model
{
    protected $fillable = ['recipient', 'subject', 'body'];
}
