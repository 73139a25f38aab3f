<?php

return [
    App\Providers\AppServiceProvider::class,
    Laravel\Sanctum\SanctumServiceProvider::class,
    Spatie\Activitylog\ActivitylogServiceProvider::class,
];
