<?php

declare(strict_types=1);

return [App\Front\FrontProvider::class];
