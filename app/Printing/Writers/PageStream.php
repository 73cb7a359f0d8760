<?php

declare(strict_types=1);

namespace App\Printing\Writers;

use App\Printing\Dash;
use App\Printing\Rectangle;

/** A PDF whose every page leaves for the file when it is done, pictures and all, so that none lie in memory together. */
final class PageStream extends \FPDF
{
    private int $sent = 0;

    /** @param  resource  $to */
    public function __construct(private $to)
    {
        parent::__construct('P', 'mm');
        $this->SetAutoPageBreak(false);
        $this->_put('%PDF-1.4');
    }

    public function dash(Dash $dash): void
    {
        $this->_out('['.implode(' ', array_map(fn (float $mm): string => sprintf('%.2F', $mm * $this->k), $dash->pattern())).'] 0 d');
    }

    /** Whatever is drawn by the closure shows inside the box only. */
    public function clipped(Rectangle $box, \Closure $draw): void
    {
        $this->_out(sprintf('q %.2F %.2F %.2F %.2F re W n', $box->x * $this->k, ($this->h - $box->y) * $this->k, $box->width * $this->k, -$box->height * $this->k));
        $draw();
        $this->_out('Q');
    }

    public function finish(): void
    {
        $this->Close();
        $this->send();
    }

    protected function _endpage(): void
    {
        parent::_endpage();
        $this->PageInfo[$this->page]['n'] = $this->n + 1;
        $this->_putpage($this->page);
        $this->pages[$this->page] = '';
        foreach (array_keys($this->images) as $file) {
            if (isset($this->images[$file]['data'])) {
                $this->_putimage($this->images[$file]);
                unset($this->images[$file]['data']);
            }
        }
        $this->send();
    }

    protected function _getoffset(): int
    {
        return $this->sent + parent::_getoffset();
    }

    /** The header went out first, the pages as they were made. */
    protected function _putheader(): void
    {
    }

    protected function _putimages(): void
    {
    }

    protected function _putpages(): void
    {
        $kids = implode(' ', array_map(static fn (array $page): string => "{$page['n']} 0 R", $this->PageInfo));
        $this->_newobj(1);
        $this->_put("<</Type /Pages /Kids [{$kids}] /Count {$this->page}>>");
        $this->_put('endobj');
    }

    private function send(): void
    {
        $this->sent += strlen($this->buffer);
        if (fwrite($this->to, $this->buffer) !== strlen($this->buffer)) {
            throw new \RuntimeException('The page could not be written.');
        }
        $this->buffer = '';
    }
}
