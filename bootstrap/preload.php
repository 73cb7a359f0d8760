<?php

/*
 * Loads the rules and the classes that cross the wire once, when the server starts:
 * live dragging asks for some hundred small classes at every request.
 */
require_once __DIR__.'/../vendor/composer/ClassLoader.php';
// What these build on is found as Composer finds it; only its files of functions are left to each request.
$loader = new Composer\Autoload\ClassLoader;
foreach (require __DIR__.'/../vendor/composer/autoload_psr4.php' as $prefix => $folders) {
    $loader->setPsr4($prefix, $folders);
}
$loader->addClassMap(require __DIR__.'/../vendor/composer/autoload_classmap.php');
$loader->register();

foreach ([__DIR__.'/../core', __DIR__.'/../app/Wire', __DIR__.'/../app/Documents', __DIR__.'/../app/Wording'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        require_once $file->getPathname();
    }
}
require_once __DIR__.'/../app/Models/HandWork.php';
class_exists(Illuminate\Translation\MessageSelector::class);
