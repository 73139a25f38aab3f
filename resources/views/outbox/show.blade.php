<x-layout :title="$mail->subject">
<h1>{{ $mail->subject }}</h1>
<p class="lead-line">{{ __('outbox.to', ['recipient' => $mail->recipient]) }}</p>
<x-mail-text :mail="$mail"/>
<x-button :href="route('outbox')">{{ __('words.back') }}</x-button>
</x-layout>
