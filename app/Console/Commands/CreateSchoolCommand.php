<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\AdoptStarter;
use App\Actions\BeginSchool;
use App\Actions\SetRanks;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Starter;
use App\View\Beginning\RankRows;
use DateTimeZone;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Password;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Geometry\BearingStyle;

/** Starts a school as the five steps in the browser do, with the same defaults. */
final class CreateSchoolCommand extends Command
{
    protected $signature = 'school:create
        {name : what the school is called}
        {--head= : name of its first head}
        {--email= : email that the head signs in with}
        {--password= : password of the head; asked for when left out}
        {--zone=UTC : time zone, such as Europe/Lisbon}
        {--bearings=clock : clock, degrees or directions}
        {--doctrine=escape : escape, counter, control or subdue}
        {--ranks=6 : 3, 6 or 10 ranks, or names with commas between them, lowest first}
        {--starter= : leave-at-once, hit-and-leave, hold-and-control or attacks-only}';

    protected function configure(): void
    {
        $this->setDescription(__('beginning.command.create'));
    }

    public function handle(BeginSchool $begin, SetRanks $ranks, AdoptStarter $adopt, CatalogueMapper $mapper): int
    {
        $values = ['name' => $this->argument('name'), ...$this->options()];
        $values['password'] ??= $this->secret(__('beginning.command.password'));
        $validator = Validator::make($values, [
            'name' => ['required', 'string', 'max:200'],
            'head' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'max:200', 'email', 'unique:users'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
            'zone' => ['required', Rule::in(DateTimeZone::listIdentifiers())],
            'bearings' => ['required', Rule::enum(BearingStyle::class)],
            'doctrine' => ['required', Rule::enum(Doctrine::class)],
            'ranks' => ['required', 'string'],
            'starter' => ['nullable', Rule::enum(Starter::class)],
        ]);
        if ($validator->fails()) {
            array_map($this->error(...), $validator->errors()->all());

            return self::FAILURE;
        }
        $values = array_map(strval(...), $validator->validated());
        $user = DB::transaction(function () use ($values, $begin, $ranks, $adopt, $mapper): User {
            $user = $begin->begin(
                [
                    'name' => $values['name'],
                    'zone' => $values['zone'],
                    'bearings' => $values['bearings'],
                    'doctrine' => $values['doctrine'],
                ],
                ['name' => $values['head'], 'email' => $values['email'], 'password' => $values['password']],
            );
            $ladder = $mapper->ladder($user->school);
            $rows = ctype_digit($values['ranks'])
                ? RankRows::numbered(max(1, min(RankRows::MAX, (int) $values['ranks'])), $ladder)
                : RankRows::pasted(str_replace(',', "\n", $values['ranks']), $ladder);
            $ranks->set(
                $user->school,
                array_map(
                    static fn (array $row): array => [
                        'name' => $row['name'],
                        'max_beats' => (int) $row['max_beats'],
                        'goal_rung' => (int) $row['goal_rung'],
                    ],
                    $rows->rows,
                ),
            );
            $starter = Starter::tryFrom($values['starter']);
            $starter !== null && $adopt->adopt($starter, $user->school, [], $user);
            $user->school->update(['setup' => SetupStep::NextSteps]);

            return $user;
        });
        $this->info(
            __('beginning.command.done', [
                'school' => $user->school->name,
                'email' => $user->email,
                'url' => config('app.url'),
            ]),
        );

        return self::SUCCESS;
    }
}
