<?php

return [
    App\Providers\AppServiceProvider::class,
    Spatie\Activitylog\ActivitylogServiceProvider::class,
];
