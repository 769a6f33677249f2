<?php

declare(strict_types=1);

namespace App\Clients;

use App\Team\User;

final class AttachmentPolicy
{
    public function view(User $user, Attachment $attachment): bool
    {
        return $user->isStaff();
    }

    public function archive(User $user, Attachment $attachment): bool
    {
        return $user->plans();
    }
}
