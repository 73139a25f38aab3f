<h2 class="sheet-title">{{ $sheet->answer->title }} @if ($sheet->answer->label !== '')({{ $sheet->answer->label }})@endif</h2>
<p class="sheet-line">{{ $sheet->line() }}</p>
<pre class="beats sheet-beats">{{ $sheet->beats() }}</pre>
