<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ImportCatalogue;
use App\Models\School;
use App\Persistence\CatalogueUpload;
use Illuminate\Console\Command;
use StoneDrill\Core\Exchange\UnreadableCatalogue;

/** Imports a catalogue file or a zip of any size into a school. */
final class ImportSchoolCommand extends Command
{
    protected $signature = 'school:import
        {school : id or name of the school}
        {file : a catalogue file, or a zip of one with its pictures and clips}';

    protected function configure(): void
    {
        $this->setDescription(__('school.import.command'));
    }

    public function handle(ImportCatalogue $importer): int
    {
        [$name, $path] = [(string) $this->argument('school'), (string) $this->argument('file')];
        $school = School::query()
            ->where('name', $name)
            ->when(ctype_digit($name), static fn ($query) => $query->orWhere('id', $name))
            ->first();
        if ($school === null || ! is_file($path)) {
            $this->error(
                $school === null
                    ? __('school.import.no-school', ['name' => $name])
                    : __('school.import.no-file', ['path' => $path]),
            );

            return self::FAILURE;
        }
        try {
            $upload = CatalogueUpload::read(
                $path,
                CatalogueUpload::ending($path, (string) file_get_contents($path, length: 1000)),
            );
        } catch (UnreadableCatalogue $exception) {
            foreach ($exception->problems as $problem) {
                $this->error(say($problem->text()));
            }

            return self::FAILURE;
        }
        $report = $importer->import($upload->file, $school, files: $upload->footage);
        array_map(fn ($notice) => $this->warn(say($notice)), $upload->notices());
        $this->table(
            array_values(texts('school.import.columns')),
            array_map(
                static fn (string $section, array $counts): array => [
                    __("school.import.sections.{$section}"),
                    ...array_values($counts),
                ],
                array_keys($report->sections()),
                $report->sections(),
            ),
        );

        return self::SUCCESS;
    }
}
