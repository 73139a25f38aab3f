<h2>{{ __('classes.partners.title') }}</h2>
<p class="lead-line">{{ __('classes.partners.lead') }}</p>
@if ($page->lackLarger() !== [])<p>{{ __('classes.partners.lack-larger', ['names' => implode(', ', $page->lackLarger())]) }}</p>@endif
@foreach ($page->partners()->tables ?? [] as $table)
    <h3>{{ $table['name'] }} <small>{{ $table['reps'] }}</small></h3>
    <div class="rounds">
        @foreach ($table['rounds'] as $pairs)
            <section><h4>{{ __('classes.partners.round', ['number' => $loop->iteration]) }}</h4>
                <ul>@foreach ($pairs as $pair)<li>{{ $pair }}</li>@endforeach</ul>
            </section>
        @endforeach
    </div>
@endforeach
@php($meets = $page->whoMeets()->rows($page->plan))
<details class="no-print"><summary>{{ __('classes.partners.who-meets') }}</summary>
<div class="table-wide"><table class="who-meets">
<tr><td></td>@foreach ($meets as $row)<th scope="col"><span>{{ $row['name'] }}</span></th>@endforeach</tr>
@foreach ($meets as $row)
    <tr><th scope="row">{{ $row['name'] }}</th>@foreach ($row['cells'] as $cell)<td>{{ $cell }}</td>@endforeach</tr>
@endforeach
</table></div></details>
