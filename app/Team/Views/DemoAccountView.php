<?php

declare(strict_types=1);

namespace App\Team\Views;

final readonly class DemoAccountView
{
    public function __construct(
        public string $name,
        public string $email,
        public string $role,
        public string $password,
    ) {
    }
}
