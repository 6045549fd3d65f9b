package org.evenlobe.server.site;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.junit.jupiter.api.Test;

class ListeningAddressTest {
  private static void listen(String address, String certificate, boolean demo)
      throws UnknownHostException {
    new ListeningAddress(InetAddress.getByName(address), certificate, demo);
  }

  @Test
  void isThisMachineOrHasACertificate() {
    assertThatCode(() -> listen("127.0.0.1", "", true)).doesNotThrowAnyException();
    assertThatCode(() -> listen("::1", "", false)).doesNotThrowAnyException();
    assertThatCode(() -> listen("0.0.0.0", "file:a.pem", false)).doesNotThrowAnyException();
    assertThatThrownBy(() -> listen("0.0.0.0", "", false)).hasMessageContaining("certificate");
  }

  @Test
  void isThisMachineAloneWithDemoData() {
    assertThatThrownBy(() -> listen("192.168.1.20", "file:a.pem", true))
        .hasMessageContaining("Demo data");
  }
}
