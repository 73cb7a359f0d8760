<?php

use App\Imaging\Decoder;
use App\Imaging\ImageFormat;
use App\Imaging\MetadataStripper;
use Symfony\Component\Process\Process;
use Tests\Photos;

/*
 * What a camera writes, written by ExifTool (Debian's libimage-exiftool-perl) in every way it knows, and looked
 * for by it again in what an export carries.
 */

/** What a file tells of itself, and may: its format, its size, how it lies, its colours. */
const HARMLESS = ['ExifTool', 'System', 'File', 'JFIF', 'PNG', 'PNG-cICP', 'PNG-pHYs', 'RIFF', 'ICC_Profile', 'ICC-header', 'ICC-view', 'ICC-meas', 'Composite', 'IFD0', 'Adobe'];

const HARMLESS_OF_IFD0 = ['Orientation', 'YCbCrPositioning', 'XResolution', 'YResolution', 'ResolutionUnit'];

/** @return array<string, mixed> by group and name, unknown ones and those behind the picture's end too */
function told(string $path): array
{
    return json_decode((new Process(['exiftool', '-json', '-G1', '-a', '-u', '-U', '-ee3', $path]))->mustRun()->getOutput(), true, flags: JSON_INVALID_UTF8_SUBSTITUTE)[0];
}

it('exports nothing a camera or its owner wrote', function (string $format, int $orientation) {
    $path = Photos::make(320, 200, $format, $orientation);
    $secret = 'Rosa Quill of Fen Lane';
    $thumbnail = Photos::make(64, 64);
    (new Process(['exiftool', '-overwrite_original', '-m', "-Artist={$secret}", "-ImageDescription={$secret}", '-GPSLatitude=52.1', '-GPSLatitudeRef=N', '-GPSLongitude=4.3', '-GPSLongitudeRef=E', '-DateTimeOriginal=2026:05:04 03:02:01', "-OwnerName={$secret}", '-SerialNumber=Q-771',
        "-XMP-dc:Creator={$secret}", "-XMP-iptcCore:Location={$secret}", ...($format === 'jpeg' ? ["-Comment={$secret}", "-IPTC:By-line={$secret}", "-ThumbnailImage<={$thumbnail}"] : []), ...($format === 'png' ? ["-PNG:Author={$secret}", "-PNG:Comment={$secret}"] : []), $path]))->mustRun();
    // And more behind the picture's own end, where some cameras keep a second picture with an Exif of its own.
    file_put_contents($path, (string) file_get_contents($path).(string) file_get_contents($path).$secret);
    $before = told($path);
    expect(array_filter($before, fn (string $tag) => str_contains($tag, 'GPS'), ARRAY_FILTER_USE_KEY))->not->toBe([])->and((string) file_get_contents($path))->toContain($secret);

    $bare = MetadataStripper::of($path, ImageFormat::of($path), app(Decoder::class));
    $out = Photos::file($bare->bytes, ".{$bare->ending}");
    $after = told($out);
    foreach (array_keys($after) as $tag) {
        [$group, $name] = [...explode(':', $tag), ''];
        expect($tag === 'SourceFile' || in_array($group, HARMLESS, true))->toBeTrue("{$tag} is still there")
            ->and($group !== 'IFD0' || in_array($name, HARMLESS_OF_IFD0, true))->toBeTrue("{$tag} is still there")
            ->and($tag)->not->toBe('File:Comment');
    }
    expect((string) file_get_contents($out))->not->toContain($secret)->not->toContain('Q-771')
        ->and($after['File:ImageWidth'] ?? $after['PNG:ImageWidth'] ?? $after['RIFF:ImageWidth'])->toBe($before['File:ImageWidth'] ?? $before['PNG:ImageWidth'] ?? $before['RIFF:ImageWidth'])
        ->and($after['IFD0:Orientation'] ?? null)->toBe($orientation === 1 ? null : $before['IFD0:Orientation']);
})->with([['jpeg', 1], ['jpeg', 6], ['png', 1], ['webp', 1]]);
