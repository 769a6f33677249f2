<?php

declare(strict_types=1);

namespace App\Systems;

use App\Team\User;

final class ItemSettingPolicy
{
    public function view(User $user, ItemSetting $setting): bool
    {
        return $user->isStaff();
    }
}
