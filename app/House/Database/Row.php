<?php

declare(strict_types=1);

namespace App\House\Database;

use Illuminate\Database\Eloquent\Model;

/** What every row of ours is. */
abstract class Row extends Model
{
    use BootsByName, CastsOnce;
}
