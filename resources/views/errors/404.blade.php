<x-message name="404"/>
