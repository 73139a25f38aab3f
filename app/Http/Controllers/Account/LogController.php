<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Models\LogEntry;
use App\Models\User;
use App\Persistence\Csv;
use App\View\Accounts\LogRow;
use App\View\Accounts\LogWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Who did what in a school. */
final class LogController
{
    private const PAGE = 50;

    public function index(#[CurrentUser] User $user): View
    {
        $entries = $user->school
            ->log()
            ->with(['causer', 'subject'])
            ->paginate(self::PAGE);

        $words = new LogWords($user->school);

        return view('log.index', [
            'pages' => $entries,
            'rows' => array_map(
                static fn (LogEntry $entry): LogRow => new LogRow($entry, $user->school, $words),
                $entries->items(),
            ),
        ]);
    }

    public function csv(#[CurrentUser] User $user): StreamedResponse
    {
        $school = $user->school;

        return response()->streamDownload(
            static function () use ($school): void {
                $stream = fopen('php://output', 'wb');
                if ($stream === false) {
                    return;
                }
                $words = new LogWords($school);
                Csv::line($stream, array_values(texts('log.columns')));
                foreach (
                    $school
                        ->log()
                        ->with(['causer', 'subject'])
                        ->lazy() as $entry
                ) {
                    $row = new LogRow($entry, $school, $words);
                    $changes = array_map(
                        static fn (
                            array $change,
                        ): string => "{$change['column']}: {$change['before']} → {$change['after']}",
                        $row->changes,
                    );
                    Csv::line($stream, [$row->at, $row->who, $row->what, implode('; ', $changes), $row->from]);
                }
            },
            'log.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }
}
