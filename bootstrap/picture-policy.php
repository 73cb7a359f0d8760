<?php

/*
 * The picture library reads its policy when PHP starts, from a place named in the
 * environment. Where that is not set yet, this runs the same command again with it.
 */
if (getenv('MAGICK_CONFIGURE_PATH') === false && PHP_SAPI === 'cli' && function_exists('pcntl_exec')) {
    pcntl_exec(PHP_BINARY, $_SERVER['argv'], ['MAGICK_CONFIGURE_PATH' => dirname(__DIR__).'/config/magick'] + getenv());
}
