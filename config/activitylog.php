<?php

return [
    'activity_model' => App\Models\LogEntry::class,
];
