<?php

declare(strict_types=1);

use Bench\Bench;
use Symfony\Component\Process\Process;
use Tests\Accuracy;
use Tests\Photos;
use Tests\Redrawing;
use Tests\Scene;
use Tests\Scenes;

/*
 * How true what Copy tells is, beside its goals: on made pictures whose edges are known, and on photographs that a
 * Debian package brings (python3-skimage), whose edges scikit-image and a person's marks tell (redraw.py, marks.json).
 */
require __DIR__.'/boot.php';

$bench = new Bench;
$percent = static fn (float $share): string => sprintf('%.1f %%', 100 * $share);

foreach ([[1200, 833], [4000, 3000], [6000, 4000]] as [$wide, $high]) {
    [$offs, $count, $missed, $told, $false] = [[], 0, 0, 0, 0];
    foreach ([[20, 0], [20, 4], [60, 2], [100, 4]] as [$contrast, $noise]) {
        [$scene, $shapes] = Accuracy::shapes($wide, $high, $contrast, $wide + $contrast + $noise);
        $found = (new Accuracy($scene->save($noise, 95), 14))->crossings($shapes);
        $offs[] = $found['median'];
        $count += $found['count'];
        $missed += $found['missed'];
        $told += $found['told'];
        $false += $found['false'];
    }
    $size = sprintf('crossings, %.0f MP, contrast 20 to 100, noise 0 to 4', $wide * $high / 1e6);
    $bench->say("{$size}: median off", sprintf('%.2f px at worst', max($offs)), '≤ 0.25 px', max($offs) <= 0.25, "{$count} crossings");
    $bench->say("{$size}: found", $percent(1 - $missed / $count), '≥ 97 %', 1 - $missed / $count >= 0.97);
    $bench->say("{$size}: true", $percent(1 - $false / $told), '≥ 95 %', 1 - $false / $told >= 0.95);
}

foreach ([[1200, 900], [6000, 4500]] as [$wide, $high]) {
    $off = Accuracy::overEdge($wide, $high);
    $bench->say(sprintf('the picture’s own edge, %.0f MP: median off', $wide * $high / 1e6), sprintf('%.2f px', Bench::quantile($off, 0.5)), '≤ 0.5 px', Bench::quantile($off, 0.5) <= 0.5, count($off).' crossings');
}

[$count, $missed] = Accuracy::coloursAlone(40);
$bench->say('edges of colour alone, ΔE2000 20 to 40: found', $percent(1 - $missed / $count), '≥ 97 %', 1 - $missed / $count >= 0.97, "{$count} crossings");

$runs = [];
foreach ([0.01, 0.015, 0.02, 0.03, 0.05, 0.08, 0.12] as $share) {
    for ($degrees = 3; $degrees < 180; $degrees += 12) {
        array_push($runs, ...Accuracy::stroke($share, $degrees));
    }
}
$bows = count(array_filter($runs, static fn (array $run): bool => ! $run[1] || $run[2] === null));
$bench->say('straight strokes of 1 to 12 % of a cell: slope off', sprintf('%.2f° at worst', max(array_column($runs, 0))), '≤ 0.5°', max(array_column($runs, 0)) <= 0.5, count($runs).' runs');
$bench->say('the same: bowed, or told as two edges', (string) $bows, '0', $bows === 0);

foreach ([4, 8] as $noise) {
    $accuracy = new Accuracy((new Scene(1200, 900, [128, 120, 110]))->save($noise, 95), 14);
    $cells = 14 * (count($accuracy->grid->rows) - 1);
    $sides = 2 * $cells + 14 + count($accuracy->grid->rows) - 1;
    $phantoms = array_sum(array_map(count(...), $accuracy->told())) / $sides;
    $blank = count($accuracy->grid->blank()) / $cells;
    $bench->say("a plain picture, noise {$noise}: phantom crossings", $percent($phantoms), '≤ 1 % of sides', $phantoms <= 0.01);
    $bench->say("a plain picture, noise {$noise}: called blank", $percent($blank), '≥ 95 %', $blank >= 0.95);
}

foreach (['a portrait' => [Scenes::portrait(), 9], 'a landscape' => [Scenes::landscape(), 12], 'a still life' => [Scenes::stillLife(), 10]] as $name => [$scene, $columns]) {
    $accuracy = new Accuracy($scene->save(4, 92), $columns);
    $found = Redrawing::of($accuracy->redrawn(), $scene->outlines(), $accuracy->cell());
    $bench->say("redrawing of {$name}, made: found", $percent($found['found']), '≥ 80 %', $found['found'] >= 0.8);
    $bench->say("redrawing of {$name}, made: true", $percent($found['true']), '≥ 88 %', $found['true'] >= 0.88);
}

$all = [];
foreach (json_decode((string) file_get_contents(__DIR__.'/marks.json'), true) as $name => $marks) {
    $path = trim((new Process(['/usr/bin/python3', '-c', 'import os, skimage; print(os.path.join(skimage.data_dir, "'.$name.'"))']))->mustRun()->getOutput());
    $accuracy = new Accuracy($path, 10);
    $told = Photos::file((string) json_encode(['cell' => $accuracy->cell(), 'told' => $accuracy->redrawn(), 'marks' => $marks]), '.json');
    $all[$name] = $found = json_decode((new Process(['/usr/bin/python3', __DIR__.'/redraw.py', $path, $told], timeout: 120))->mustRun()->getOutput(), true);
    $bench->say("redrawing of {$name}: strong, long contours found", $percent($found['found']), '≥ 80 %', $found['found'] >= 0.8);
    $bench->say("redrawing of {$name}: told, and an edge", $percent($found['true']), '≥ 88 %', $found['true'] >= 0.88);
}
$mean = static fn (string $of, string $by): float => array_sum(array_map(static fn (array $one): float => $one[$of] * $one[$by], $all)) / array_sum(array_column($all, $by));
$each = static fn (string $of): string => implode(', ', array_map(static fn (string $name): string => $name.' '.$percent($all[$name][$of]), array_keys($all)));
$bench->say('photographs, edges a person would draw: missed', $percent($mean('missed', 'marked')), '≤ 8 %', $mean('missed', 'marked') <= 0.08, array_sum(array_column($all, 'marked')).' marked places; '.$each('missed'));
$bench->say('photographs, told and texture', $percent($mean('texture', 'told')), '≤ 10 %', $mean('texture', 'told') <= 0.1, $each('texture'));

exit($bench->allMet() ? 0 : 1);
