<x-layout :title="__('fewest.title')">
<x-heading :title="__('fewest.title')"><x-button size="sm" :href="route('wall')">{{ __('wall.back') }}</x-button></x-heading>
@if ($catalogue->ranks === [])
    <x-no-ranks/>
@elseif ($catalogue->attacks === [])
    <x-no-attacks/>
@else
    <form class="share-of-need no-print" method="get" action="{{ route('fewest') }}" hx-get="{{ route('fewest') }}" hx-target="#fewest"
        hx-select="#fewest"
        hx-trigger="change delay:250ms, submit" hx-swap="outerHTML" hx-replace-url="true" hx-sync="this:queue last">
        <x-field name="rank" :label="__('fewest.by-rank')"><x-select name="rank" :options="$ranks" :value="$rank"/></x-field>
        <div class="wide">
            <label class="form-label" for="share">{{ __('fewest.share') }}</label>
            <input class="form-range" type="range" id="share" name="share" min="5" max="100" step="5" value="{{ $share }}">
        </div>
        <div><x-button kind="rust">{{ __('words.show') }}</x-button></div>
    </form>
    <section id="fewest" aria-labelledby="fewest-title" aria-live="polite">
        <h2 id="fewest-title">{{ trans_choice('fewest.heading', count($fewest->chosen), ['share' => $share,
            'rank' => $ranks[$rank]]) }}</h2>
        @if ($catalogue->answers === [])
            <p>{{ __('fewest.no-answer') }}</p>
        @elseif (! $fewest->isReached)
            <p class="flash flash-error">{{ __('fewest.not-reached', ['share' => $share, 'most' => $view->percent($fewest->covered)]) }}
                <a href="{{ route('wall') }}">{{ __('fewest.to-the-holes') }}</a></p>
        @else
            <p>{{ $view->proof() }}</p>
        @endif
        @if ($fewest->chosen !== [])
            <x-table class="fewest" :caption="__('fewest.caption')" :head="array_values(texts('fewest.columns'))">
                @foreach ($view->steps() as $step)
                    <tr>
                        <td>{{ $loop->iteration }}</td>
                        <th scope="row"><a href="{{ route('answers.show',
                            $answers[$step['answer']]) }}">{{ $answers[$step['answer']]->title }}</a></th>
                        <td>{{ $step['move'] }}</td>
                        <td class="text-end">{{ $step['sides'] }}</td>
                        <td class="text-end">{{ $step['gain'] }} %</td>
                        <td class="text-end">{{ $step['percent'] }} %</td>
                        <td><meter min="0" max="1" value="{{ $step['covered'] }}" aria-label="{{ __('fewest.covered-after',
                            ['step' => $loop->iteration]) }}">{{ $step['percent'] }} %</meter></td>
                    </tr>
                @endforeach
            </x-table>
        @endif
    </section>
    <section aria-labelledby="removable-title">
        <h2 id="removable-title">{{ trans_choice('fewest.removable', count($removable)) }}</h2>
        <p class="form-text mt-0">{{ __('fewest.removable-help') }}</p>
        @if ($removable === [])
            <p>{{ __('fewest.none-removable') }}</p>
        @else
            <ul>@foreach ($removable as $id)<li><a href="{{ route('answers.show',
                $answers[$id]) }}">{{ $answers[$id]->title }}</a></li>@endforeach</ul>
        @endif
    </section>
@endif
</x-layout>
