<?php

declare(strict_types=1);

namespace App\Footage;

use StoneDrill\Core\Curriculum\Footage;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Prepares clips with ffmpeg: one line of pictures and at most one of sound are packed anew as they are, and everything
 * else is left behind: place, time, device, chapters, tracks of data.
 */
final readonly class Clip
{
    /** How pictures and sound may be packed: what every browser of today plays. */
    private const CODECS = [
        'mp4' => ['video' => ['h264', 'av1', 'vp9'], 'audio' => ['aac', 'mp3', 'opus']],
        'webm' => ['video' => ['vp8', 'vp9', 'av1'], 'audio' => ['opus', 'vorbis']],
    ];

    /** Pixels of a side. */
    private const SIDE = 4096;

    private const THUMBNAIL = 480;

    /** Where in a clip its thumbnail is taken: people stand still at first. */
    private const AT = 1 / 3;

    /** Seconds that one program may take, and bytes of memory. */
    private const PATIENCE = 60;

    private const MEMORY = 2_000_000_000;

    /**
     * @param string $folder where what is made is put
     *
     * @throws FootageRefused
     */
    public function prepare(string $path, FootageType $type, string $folder): Prepared
    {
        // Only this one file is read, and only as what it is: a list of other files in it leads nowhere.
        $from = [
            '-protocol_whitelist',
            'file',
            '-f',
            $type === FootageType::Mp4 ? 'mov' : 'matroska',
            '-i',
            "file:{$path}",
        ];
        [, , , $codec] = $this->look($from, $type);
        // Cameras write places into the notes between the pictures of this packing, too.
        $notes = $codec === 'h264' ? ['-bsf:v', 'filter_units=remove_types=6'] : [];
        $to = "{$folder}/clip.{$type->value}";
        $bare = [
            '-map', '0:v:0', '-map', '0:a:0?', '-c', 'copy', '-map_metadata', '-1', '-map_metadata:s', '-1',
            '-map_chapters', '-1', '-fflags', '+bitexact', '-flags', '+bitexact',
        ];
        $this->run([
            'ffmpeg',
            '-nostdin',
            '-v',
            'error',
            '-xerror',
            ...$from,
            ...$bare,
            ...$notes,
            '-movflags',
            '+faststart',
            '-f',
            $type->value,
            $to,
        ]);
        [$width, $height, $seconds] = $this->look(
            ['-f', $type === FootageType::Mp4 ? 'mov' : 'matroska', "file:{$to}"],
            $type,
        );
        $small = "{$folder}/thumbnail.jpg";
        $this->run([
            'ffmpeg',
            '-nostdin',
            '-v',
            'error',
            '-ss',
            sprintf('%.3f', self::AT * $seconds),
            '-i',
            "file:{$to}",
            '-frames:v',
            '1',
            '-vf',
            'scale='.self::THUMBNAIL.':-2',
            '-map_metadata',
            '-1',
            '-fflags',
            '+bitexact',
            '-flags',
            '+bitexact',
            '-f',
            'image2',
            $small,
        ]);
        if (! is_file($small) || filesize($small) === 0) {
            throw FootageRefused::broken();
        }

        return new Prepared($to, $small, $width, $height, $seconds);
    }

    /**
     * @param list<string> $from the file, as the programs are told it
     *
     * @throws FootageRefused
     *
     * @return array{int, int, float, string} pixels across, pixels down, seconds, and how the pictures are packed
     */
    private function look(array $from, FootageType $type): array
    {
        $said = json_decode(
            $this->run([
                'ffprobe',
                '-v',
                'error',
                '-show_entries',
                'format=duration:stream=codec_type,codec_name,width,height',
                '-of',
                'json',
                ...$from,
            ]),
            true,
        );
        $streams = array_column(array_filter((array) ($said['streams'] ?? []), is_array(...)), null, 'codec_type');
        $picture = $streams['video'] ?? throw FootageRefused::packed('');
        foreach (self::CODECS[$type->value] ?? [] as $kind => $codecs) {
            if (isset($streams[$kind]) && ! in_array($streams[$kind]['codec_name'] ?? '', $codecs, true)) {
                throw FootageRefused::packed((string) ($streams[$kind]['codec_name'] ?? ''));
            }
        }
        [$width, $height, $seconds] = [
            (int) ($picture['width'] ?? 0),
            (int) ($picture['height'] ?? 0),
            (float) ($said['format']['duration'] ?? 0),
        ];

        return match (true) {
            $width > self::SIDE || $height > self::SIDE => throw FootageRefused::tooManyPixels(),
            $seconds > Footage::SECONDS => throw FootageRefused::tooLong(),
            $width < 1 || $height < 1 || $seconds <= 0 => throw FootageRefused::broken(),
            default => [$width, $height, round($seconds, 3), (string) ($picture['codec_name'] ?? '')],
        };
    }

    /**
     * @param list<string> $command
     *
     * @throws FootageRefused
     */
    private function run(array $command): string
    {
        $process = new Process(['prlimit', '--as='.self::MEMORY, '--', ...$command], timeout: self::PATIENCE);
        try {
            $status = $process->run();
        } catch (ProcessTimedOutException) {
            throw FootageRefused::broken('out of time');
        }

        return match (true) {
            // What a shell says of a program that is not there.
            $status === 127 => throw FootageRefused::noProgram(),
            $status !== 0 => throw FootageRefused::broken(mb_strimwidth(trim($process->getErrorOutput()), 0, 500)),
            default => $process->getOutput(),
        };
    }
}
