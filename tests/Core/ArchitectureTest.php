<?php

arch('the core depends on nothing but exact numbers')
    ->expect('InchLadder')
    ->toOnlyUse(['InchLadder', 'Brick\Math']);

arch('the core is strict, and everything in it is final or made to be extended')
    ->expect('InchLadder')
    ->toUseStrictTypes()
    ->classes()->toBeFinal()->ignoring('InchLadder\Impossible');

arch('pictures are decoded in two rooms only')
    ->expect('Imagick')
    ->toOnlyBeUsedIn(['App\Imaging', 'App\Press', 'Tests']);

arch('controllers hold no rules')
    ->expect('App\Http\Controllers')
    ->not->toUse(['Brick\Math', 'Imagick', 'Illuminate\Support\Facades\DB']);

arch('nothing is left behind')
    ->expect(['dd', 'dump', 'var_dump', 'print_r', 'die', 'env'])
    ->not->toBeUsedIn(['App', 'InchLadder']);
