<?php

declare(strict_types=1);

// Tokens only: a browser's session never opens the API.
return [
    'routes' => false,
    'stateful' => [],
    'guard' => [],
    'expiration' => null,
    'token_prefix' => 'velbrin_',
    'middleware' => [],
];
