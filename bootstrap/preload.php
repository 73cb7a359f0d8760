<?php

/*
 * Loads the rules and the classes that cross the wire once, when the server starts:
 * live dragging asks for some hundred small classes at every request.
 */
spl_autoload_register(static function (string $class): void {
    foreach (['InchLadder\\' => 'core', 'App\\' => 'app', 'Brick\\Math\\' => 'vendor/brick/math/src', 'Illuminate\\' => 'vendor/laravel/framework/src/Illuminate'] as $prefix => $folder) {
        if (str_starts_with($class, $prefix)) {
            require_once dirname(__DIR__)."/{$folder}/".str_replace('\\', '/', substr($class, strlen($prefix))).'.php';
        }
    }
});

foreach ([__DIR__.'/../core', __DIR__.'/../app/Wire', __DIR__.'/../app/Documents', __DIR__.'/../app/Wording'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        require_once $file->getPathname();
    }
}
require_once __DIR__.'/../app/Models/HandWork.php';
class_exists(Illuminate\Translation\MessageSelector::class);
