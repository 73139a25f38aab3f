<?php

declare(strict_types=1);

namespace App\Http\Controllers\Watch;

use App\Watch\Metrics;
use Illuminate\Http\Response;

/** Figures for a monitoring program. */
final class MetricsController
{
    public function __invoke(Metrics $metrics): Response
    {
        return response($metrics->text(), 200, [
            'Content-Type' => 'text/plain; version=0.0.4; charset=utf-8',
            'Cache-Control' => 'no-store',
        ]);
    }
}
