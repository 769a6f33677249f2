<?php

declare(strict_types=1);

namespace App\Control;

use App\Team\User;

final class SetUpPolicy
{
    public function view(User $user, SetUp $setUp): bool
    {
        return $user->isStaff();
    }
}
