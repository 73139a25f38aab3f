<?php

declare(strict_types=1);

namespace App\Actions;

use App\Auth\Sessions;
use App\Footage\FootageStore;
use App\Models\Footage;
use App\Models\Invitation;
use App\Models\LogEntry;
use App\Models\OutboxMail;
use App\Models\Student;
use App\Models\TestMark;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Cache\Repository as Cache;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Forgets a student: what says who it was goes, wherever it is kept; the reps stay, without a name, for what the school
 * learns from them.
 */
final readonly class EraseStudent
{
    /** Folders of files that somebody has looked at and not imported, and of what was made for print. */
    private const FILES = ['imports', 'reps', 'exports'];

    public function __construct(
        private Sessions $sessions,
        private Filesystem $files,
        private Cache $cache,
        private FootageStore $footage,
    ) {}

    public function erase(Student $student): void
    {
        $seen = $student->footage()->get();
        DB::transaction(function () use ($student, $seen): void {
            $held = Student::query()->whereKey($student->id)->lockForUpdate()->firstOrFail();
            foreach (User::query()->where('student_id', $held->id)->get() as $user) {
                $this->account($user);
            }
            DB::table('guardianships')->where('student_id', $held->id)->delete();
            $held->school
                ->invitations()
                ->whereJsonContains('students', $held->id)
                ->each(static function (Invitation $invitation): void {
                    self::log($invitation->getMorphClass(), $invitation->id);
                    OutboxMail::query()->where('recipient', $invitation->email)->delete();
                    $invitation->disableLogging()->delete();
                });
            self::log($held->getMorphClass(), $held->id);
            $code = $held->code;
            $held->disableLogging()->update([
                'name' => __('people.former'),
                'code' => 'former-'.Str::lower(Str::random(10)),
                'height' => null,
                'born' => null,
                'flags' => [],
                'consent_by' => null,
                'consent_on' => null,
                'erased_at' => CarbonImmutable::now(),
            ]);
            // What ways to tests have somebody drill is kept by code.
            DB::update(
                <<<'SQL'
                update tests set drills = (
                    select jsonb_object_agg(key, value - cast(:code as text)) from jsonb_each(drills)
                ) where school_id = :school
                    and exists (select from jsonb_each(drills) e where jsonb_exists(e.value, :code))
                SQL
                ,
                ['code' => $code, 'school' => $held->school_id],
            );
            // Reasons and places of touches are typed by hand.
            $held
                ->reps()
                ->toBase()
                ->whereNotNull('reason')
                ->update(['reason' => __('people.reason')]);
            foreach ($held->awards as $award) {
                self::log($award->getMorphClass(), $award->id);
            }
            $held
                ->awards()
                ->toBase()
                ->update(['note' => '']);
            TestMark::query()
                ->where('student_id', $held->id)
                ->toBase()
                ->update(['remark' => '']);
            $seen->each(static function (Footage $one): void {
                self::log($one->getMorphClass(), $one->id);
                $one->disableLogging()->delete();
            });
            // Nothing is learnt from marks of nobody.
            $held->soloMarks()->delete();
            $held->practices()->delete();
            activity()->performedOn($held)->event('erased')->log('erased');
        });
        $seen->each($this->footage->forget(...));
        foreach (self::FILES as $folder) {
            $this->files->deleteDirectory("{$folder}/{$student->school_id}");
        }
        // What was worked out of the school’s rows is worked out anew.
        $this->cache->clear();
    }

    private function account(User $user): void
    {
        $this->sessions->endAll($user);
        self::log($user->getMorphClass(), $user->id);
        OutboxMail::query()->where('recipient', $user->email)->delete();
        DB::table('password_reset_tokens')->where('email', $user->email)->delete();
        foreach (['jobs', 'failed_jobs'] as $table) {
            DB::table($table)
                ->whereLike('payload', '%'.addcslashes($user->email, '%_\\').'%')
                ->delete();
        }
        $user->disableLogging()->delete();
    }

    /** What was told of a row keeps that something was done, by whom and when, and nothing of what it was. */
    private static function log(string $type, int $id): void
    {
        LogEntry::query()
            ->where('subject_type', $type)
            ->where('subject_id', $id)
            ->toBase()
            ->update(['properties' => '[]', 'address' => null]);
        LogEntry::query()
            ->where('causer_type', $type)
            ->where('causer_id', $id)
            ->toBase()
            ->update(['causer_type' => null, 'causer_id' => null, 'address' => null]);
    }
}
