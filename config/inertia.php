<?php

declare(strict_types=1);

return [
    'ssr' => ['enabled' => false],
    'pages' => ['paths' => [resource_path('js')], 'extensions' => ['vue'], 'ensure_pages_exist' => false],
    'testing' => ['ensure_pages_exist' => true, 'page_paths' => [resource_path('js')], 'page_extensions' => ['vue']],
];
