<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Footage\Clip;
use App\Footage\FootageRefused;
use App\Footage\FootageStore;
use App\Footage\Picture;
use App\Models\Footage;
use App\Models\FootageState;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Throwable;

/** Makes a picture or a clip that was sent into one that can be shown: without place and time, and with a thumbnail. */
final class PrepareFootage implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $timeout = 240;
    public int $uniqueFor = 240;

    /** What failed would fail again; what was ended with the machine is done once that is up again. */
    public int $maxExceptions = 1;
    public int $tries = 5;

    /** Seconds after which what was ended is tried again. */
    private const AGAIN = 5;

    /** HUP, INT and TERM, which end the programs of a worker too; a web server has no names for them. */
    private const SIGNALS = [1, 2, 15];

    public function __construct(public readonly int $footageId) {}

    public function uniqueId(): string
    {
        return (string) $this->footageId;
    }

    public function handle(FootageStore $store): void
    {
        $footage = Footage::query()->whereKey($this->footageId)->where('state', FootageState::Waiting)->first();
        if ($footage === null) {
            return;
        }
        $sent = $footage->path;
        $folder = sys_get_temp_dir().'/footage-'.Str::random(20);
        File::makeDirectory($folder, 0o700);
        try {
            $file = $store->local($sent) ?? throw FootageRefused::broken();
            $prepared = ($footage->type->isClip() ? new Clip() : new Picture())->prepare(
                $file,
                $footage->type,
                $folder,
            );
            $footage->fill([
                'state' => FootageState::Ready,
                'path' => $store->keep($prepared, $footage->type, $footage->school_id),
                'bytes' => filesize($prepared->path),
                'width' => $prepared->width,
                'height' => $prepared->height,
                'seconds' => $prepared->seconds,
            ]);
        } catch (FootageRefused $refused) {
            report_if($refused->reason === 'no-program', $refused);
            $footage->fill(['state' => FootageState::Refused, 'reason' => $refused->reason]);
        } catch (ProcessSignaledException $ended) {
            if (! in_array($ended->getSignal(), self::SIGNALS, true)) {
                throw $ended;
            }
            $this->release(self::AGAIN);

            return;
        } finally {
            File::deleteDirectory($folder);
        }
        $footage->disableLogging()->save();
        // What was sent holds what nobody else should see.
        $store->delete($sent);
    }

    public function failed(?Throwable $error): void
    {
        $footage = Footage::query()->whereKey($this->footageId)->where('state', FootageState::Waiting)->first();
        if ($footage !== null) {
            app(FootageStore::class)->delete($footage->path);
            $footage->disableLogging()->update(['state' => FootageState::Refused, 'reason' => 'failed']);
        }
    }
}
